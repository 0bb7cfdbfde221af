<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Queries\SeenForm;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Progress\Decision as Verdict;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Vocabulary\Sign;
use Carbon\CarbonImmutable;

/** Proposals to decide, one a line, with what happens to the plan when they are accepted. */
final class ReviewResource
{
    public function __construct(private readonly Catalogue $catalogue, private readonly SeenForm $seen)
    {
    }

    /** @return array<string, mixed> */
    public function of(Client $client): array
    {
        $proposals = $client->proposals()->where('status', Proposal::OPEN)->with('planItem')->get();
        $logs = $client->logs()->with('items')->limit(SeenForm::SESSIONS)->get();
        $log = $logs->first();
        $this->seen->from($logs);
        // The frame has counted them already.
        $stop = $client->getAttribute('open_stops_count') === 0
            ? null
            : $client->logs()->whereNotNull('stop_sign')->whereNull('stop_cleared_at')->first();
        $decided = $log === null
            ? []
            : $client->proposals()->where('session_log_id', $log->id)->whereIn(
                'status', Proposal::DECIDED,
            )->with('planItem')->get()->all();
        $zone = $client->clinic->timezone;
        $draft = $client->plans->firstWhere('status', Plan::DRAFT);
        $plan = ($draft ?? $client->plans->firstWhere('status', Plan::ISSUED))?->load('items');

        return [
            'proposals' => $proposals->map(fn (Proposal $p): array => $this->row($p, $plan))->values()->all(),
            'session' => $log === null ? null : self::session($log),
            'stop' => $stop === null
                ? null
                : ['on' => $stop->done_on, 'says' => Sign::words((string) $stop->stop_sign)],
            'cleared' => self::cleared($client),
            'decided' => array_map(
                fn (Proposal $p): array => [
                    'id' => $p->id,
                    'name' => $this->catalogue->family($p->planItem->family)->rung($p->rung)->name,
                    'label' => Verdict::from($p->decision)->label(),
                    'status' => $p->status,
                ],
                array_values($decided),
            ),
            'draft' => $draft?->version,
            'small_steps' => $client->small_steps,
            'revision' => $client->plan_revision,
            'record' => Decision::query()->where('client_id', $client->id)->latest('id')->limit(12)->get()
                ->map(
                    static fn (Decision $d): array => [
                        'id' => $d->id,
                        'at' => CarbonImmutable::parse($d->made_at, 'UTC')->setTimezone($zone)->format('Y-m-d H:i'),
                        'says' => $d->says,
                        'reason' => $d->reason,
                    ],
                )->all(),
        ];
    }

    /** @return array<string, mixed>|null the red flag that was cleared last, which can be opened again */
    private static function cleared(Client $client): ?array
    {
        $log = $client->logs()->whereNotNull('stop_sign')->whereNotNull('stop_cleared_at')->first();

        return $log === null
            ? null
            : ['id' => $log->id, 'on' => $log->done_on, 'says' => Sign::words((string) $log->stop_sign)];
    }

    /** @return array<string, mixed> */
    private function row(Proposal $proposal, ?Plan $plan): array
    {
        $item = $proposal->planItem;
        $row = $plan?->items->first(static fn (PlanItem $i): bool => $i->isSameAs($item));
        $family = $this->catalogue->family($item->family);
        $verdict = Verdict::from($proposal->decision);

        return [
            'id' => $proposal->id,
            // Where a dose that is being typed can be tried out: the row that it would change.
            'item' => $row !== null && $row->rung === $proposal->rung ? $row->id : null,
            'name' => $family->rung($item->rung)->name,
            'to' => $proposal->rung === $item->rung ? null : $family->rung($proposal->rung)->name,
            'decision' => $proposal->decision,
            'label' => $verdict->label(),
            'lever' => $proposal->lever === null ? null : Lever::from($proposal->lever)->label(),
            'offers' => array_map(static fn (array $o): string => $o['says'], $proposal->offers ?? []),
            'now' => DoseResource::of(
                PlanItemRow::dose($item), PlanItemRow::goal($item), $family->rung($item->rung),
            ),
            'next' => DoseResource::of(
                Dose::read(new Bag($proposal->dose)), PlanItemRow::goal($item), $family->rung($proposal->rung),
            ),
            'because' => $proposal->because,
            'otherwise' => $proposal->otherwise,
            'review' => $proposal->review,
            'form' => $this->seen->advice($item->family, $item->rung),
        ];
    }

    /** @return array<string, mixed> the session as a whole */
    private static function session(SessionLog $log): array
    {
        $sets = $efforts = $broke = 0;
        $asked = 0;
        foreach ($log->items as $item) {
            $asked += (is_int($item->dose['sets'] ?? null) ? $item->dose['sets'] : 0) * self::sides($item->sets);
            foreach ($item->sets as $set) {
                $sets++;
                $efforts = max($efforts, is_numeric($set['effort'] ?? null) ? $set['effort'] : 0);
                $broke += ($set['form_broke'] ?? false) === true ? 1 : 0;
            }
        }

        return [
            'id' => $log->id, 'on' => $log->done_on, 'pain_before' => $log->pain_before,
            'pain_during' => $log->items->max('pain_during'), 'pain_where' => $log->pain_where,
            'pain_next_morning' => $log->pain_next_morning, 'skipped' => $log->skipped,
            'exercises' => $log->items->count(), 'sets' => $sets, 'sets_asked' => $asked, 'hardest' => $efforts,
            'form_broke' => $broke, 'note' => $log->note, 'to_see' => $log->to_see,
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $sets
     * @return int 2 where left and right were told apart
     */
    private static function sides(array $sets): int
    {
        $has = static fn (string $side): bool => array_filter(
            $sets, static fn (array $set): bool => ($set['side'] ?? null) === $side,
        ) !== [];

        return $has('left') && $has('right') ? 2 : 1;
    }
}
