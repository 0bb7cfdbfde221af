<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Models\User;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Progress\Reviewer;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what was done and proposes what comes next. The same key sent twice is one session: a double click, a retry or a
 * lost answer never doubles a set.
 */
final class LogSession
{
    public function __construct(private readonly BuildSituation $build, private readonly ReadHistory $history, private readonly Catalogue $catalogue)
    {
    }

    /**
     * @param  array{done_on: string, pain_before: int|null, pain_next_morning: int|null, stop_sign: string|null, skipped: string|null, note: string|null}  $session
     * @param  list<array{item: int, sets: list<array<string, mixed>>, pain_during: int|null}>  $items
     */
    public function run(Client $client, User $by, Plan $plan, string $key, array $session, array $items): SessionLog
    {
        $known = SessionLog::query()->where('client_id', $client->id)->where('idempotency_key', $key)->first();
        if ($known !== null) {
            return $known;
        }

        return DB::transaction(function () use ($client, $by, $plan, $key, $session, $items): SessionLog {
            $log = SessionLog::query()->createOrFirst(
                ['client_id' => $client->id, 'idempotency_key' => $key],
                [...$session, 'plan_id' => $plan->id, 'user_id' => $by->id],
            );
            if (! $log->wasRecentlyCreated) {
                return $log;
            }
            foreach ($items as $row) {
                $item = $plan->items->firstOrFail('id', $row['item']);
                $log->items()->create([
                    'plan_item_id' => $item->id, 'family' => $item->family, 'rung' => $item->rung,
                    'dose' => $item->dose, 'sets' => $row['sets'], 'pain_during' => $row['pain_during'],
                ]);
            }
            $this->propose($client, $plan, $log);

            return $log;
        });
    }

    /** Next-morning pain comes a day late; it changes the review. */
    public function nextMorning(Client $client, SessionLog $log, int $pain): void
    {
        DB::transaction(function () use ($client, $log, $pain): void {
            $log->update(['pain_next_morning' => $pain]);
            $plan = Plan::query()->with('items')->findOrFail($log->plan_id);
            if ($plan->status === Plan::ISSUED) {
                $this->propose($client, $plan, $log);
            }
        });
    }

    private function propose(Client $client, Plan $plan, SessionLog $log): void
    {
        Proposal::query()->where('client_id', $client->id)->where('status', Proposal::OPEN)->update(['status' => 'superseded']);
        $logs = $client->logs()->with('items')->limit(30)->get();
        $situation = $this->build->of($client);
        $reviewer = new Reviewer($situation, $this->build->wishes($client));
        foreach ($plan->items as $item) {
            $this->proposeFor($client, $item, $log, $reviewer, $logs);
        }
    }

    /** @param  iterable<SessionLog>  $logs */
    private function proposeFor(Client $client, PlanItem $item, SessionLog $log, Reviewer $reviewer, iterable $logs): void
    {
        $family = $this->catalogue->family($item->family);
        $reviewed = $reviewer->review($family, $family->rung($item->rung), PlanItemRow::goal($item), PlanItemRow::dose($item), $this->history->of($logs, $item->family, $item->rung));
        $proposal = $reviewed->proposal;
        Proposal::query()->updateOrCreate(['plan_item_id' => $item->id, 'session_log_id' => $log->id], [
            'client_id' => $client->id,
            'status' => Proposal::OPEN,
            'decision' => $proposal->decision->value,
            'lever' => $proposal->lever,
            'rung' => $reviewed->rung->code,
            'dose' => $proposal->dose->jsonSerialize(),
            'because' => array_map(static fn ($r): array => $r->jsonSerialize(), $proposal->because),
            'otherwise' => $proposal->otherwise,
            'review' => $proposal->review,
        ]);
    }
}
