<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Queries\ReadHistory;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Reviewed;
use BuoyantStep\Core\Progress\SessionReview;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Reason;
use Illuminate\Database\Eloquent\Collection;

/**
 * Works out what comes next for every exercise of the plan in use, from all that is logged, newest session first:
 * whichever entry came in last. What was decided after that session stays decided; where the answer is another one
 * now, a new proposal says so beside it.
 */
final class WorkOutReview
{
    private const SESSIONS = 30;

    public function __construct(
        private readonly BuildSituation $build,
        private readonly ReadHistory $history,
        private readonly Catalogue $catalogue,
    ) {
    }

    /** @param  string|null  $since  what has changed about a session that may have been decided on already, in words */
    public function run(Client $client, ?string $since = null): void
    {
        $plan = $client->plans()->where('status', Plan::ISSUED)->with('items')->first();
        $logs = $client->logs()->with('items')->limit(self::SESSIONS)->get();
        $latest = $logs->first();
        if ($plan === null || $latest === null) {
            return;
        }
        $situation = $this->build->of($client);
        $asked = self::asked($client, $latest);
        $exercises = $items = [];
        foreach ($plan->items as $item) {
            $family = $this->catalogue->family($item->family);
            $items[] = $item;
            $exercises[] = new Exercise(
                $situation->at($family, $family->rung($item->rung)), PlanItemRow::goal($item), PlanItemRow::dose($item),
                $this->history->of($logs, $item->family, $item->rung), $item->school, $asked[$item->family] ?? null,
            );
        }
        $all = (new SessionReview($situation, $this->build->wishes($client)))->review(
            $exercises, PlanItemRow::allOnDays($plan),
        );
        $known = Proposal::query()->where('client_id', $client->id)->where(
            'session_log_id', $latest->id,
        )->with('planItem')->orderByDesc('id')->get();
        $stands = [];
        foreach ($all as $i => $reviewed) {
            $item = $items[$i];
            if (self::wasNotDue($item, $latest)) {
                // That session says nothing of it: what was proposed after its own last day stays on the table.
                array_push($stands, ...Proposal::query()->where('plan_item_id', $item->id)->where(
                    'status', Proposal::OPEN,
                )->pluck('id')->all());

                continue;
            }
            $stands[] = $this->stands($known, $item, $reviewed)
                ?? $this->propose(
                    $client, $item, $latest, $reviewed, self::decided($known, $item) === null ? null : $since,
                );
        }
        Proposal::query()->where(
            'client_id', $client->id,
        )->where('status', Proposal::OPEN)->whereNotIn('id', $stands)->update(
            ['status' => Proposal::SUPERSEDED],
        );
    }

    /** Is it left out on the day of that session, and was not done all the same? */
    private static function wasNotDue(PlanItem $item, SessionLog $log): bool
    {
        return PlanItemRow::onDays($item)->isOff(Day::of(substr($log->done_on, 0, 10))->weekday())
            && $log->skipped === null && $log->stop_sign === null
            && ! $log->items->contains(static fn (LogItem $i): bool => $i->family === $item->family
                && $i->rung === $item->rung);
    }

    /** @return array<string, Day> family to the day of an earlier session after which a measure was asked for */
    private static function asked(Client $client, SessionLog $latest): array
    {
        $asked = [];
        $earlier = Proposal::query()->where('client_id', $client->id)->where(
            'decision', Decision::Retest->value,
        )->where('session_log_id', '!=', $latest->id)->with(['planItem', 'sessionLog'])->orderBy('id')->get();
        foreach ($earlier as $proposal) {
            if ($proposal->sessionLog !== null) {
                $asked[$proposal->planItem->family] = Day::of($proposal->sessionLog->done_on);
            }
        }

        return $asked;
    }

    /** A proposal for a dose that was issued otherwise is out of date. */
    public function afterIssue(Client $client, Plan $issued): void
    {
        $items = $issued->items()->get();
        $open = Proposal::query()->where(
            'client_id', $client->id,
        )->where('status', Proposal::OPEN)->where('decision', '!=', 'stop')->with('planItem')->get();
        foreach ($open as $proposal) {
            $now = $items->first(static fn (PlanItem $i): bool => $i->isSameAs($proposal->planItem));
            if (
                $now === null
                || $now->rung !== $proposal->planItem->rung
                || ! self::same($now->dose, $proposal->planItem->dose)
            ) {
                $proposal->update(['status' => Proposal::SUPERSEDED]);
            }
        }
    }

    /**
     * The proposal that already says this, open or decided; its reasons are brought up to date while it is open.
     *
     * @param  Collection<int, Proposal>  $known  newest first
     */
    private function stands(Collection $known, PlanItem $item, Reviewed $reviewed): ?int
    {
        $last = $known->first(
            static fn (Proposal $p): bool => $p->planItem->isSameAs($item) && $p->status !== Proposal::SUPERSEDED,
        );
        $proposal = $reviewed->proposal;
        if (
            $last === null
            || $last->decision !== $proposal->decision->value
            || $last->rung !== $reviewed->rung->code
            || ! self::same($last->dose, $proposal->dose->jsonSerialize())
        ) {
            return null;
        }
        if ($last->status === Proposal::OPEN) {
            $last->update(
                [
                    'because' => self::reasons($reviewed->proposal->because), 'otherwise' => $proposal->otherwise,
                    'offers' => $proposal->offers,
                    'review' => $proposal->review,
                ],
            );
        }

        return $last->id;
    }

    private function propose(
        Client $client,
        PlanItem $item,
        SessionLog $latest,
        Reviewed $reviewed,
        ?string $since,
    ): int {
        $proposal = $reviewed->proposal;
        $because = $since === null
            ? $proposal->because
            : [new Reason('log', 'changed_since', 'Decided before this was known: '.$since), ...$proposal->because];

        return Proposal::query()->create([
            'plan_item_id' => $item->id, 'session_log_id' => $latest->id, 'client_id' => $client->id,
            'status' => Proposal::OPEN,
            'decision' => $proposal->decision->value,
            'lever' => $proposal->lever?->value,
            'rung' => $reviewed->rung->code,
            'dose' => $proposal->dose->jsonSerialize(),
            'because' => self::reasons($because),
            'offers' => $proposal->offers,
            'otherwise' => $proposal->otherwise,
            'review' => $proposal->review,
        ])->id;
    }

    /** @param  Collection<int, Proposal>  $known */
    private static function decided(Collection $known, PlanItem $item): ?Proposal
    {
        return $known->first(
            static fn (Proposal $p): bool => $p->planItem->isSameAs($item)
                && in_array($p->status, Proposal::DECIDED, true),
        );
    }

    /**
     * @param  list<Reason>  $because
     * @return list<array<string, string>>
     */
    private static function reasons(array $because): array
    {
        return array_map(static fn (Reason $r): array => $r->jsonSerialize(), $because);
    }

    /**
     * @param  array<string, mixed>  $a
     * @param  array<string, mixed>  $b
     */
    private static function same(array $a, array $b): bool
    {
        return Dose::read(new Bag($a)) == Dose::read(new Bag($b));
    }
}
