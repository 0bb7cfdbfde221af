<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\SessionLog;
use App\Models\User;
use BuoyantStep\Core\Limits\Field;
use Illuminate\Support\Facades\DB;

/** Issues the draft: it must fit today's limits, have its clearance, and no open stop sign. */
final class IssuePlan
{
    public function __construct(private readonly BuildSituation $build, private readonly PlanFit $fit)
    {
    }

    public function run(Client $client, User $by, int $revision): Plan
    {
        $situation = $this->build->of($client);
        $missing = ClearanceState::missing($client, $situation);
        if ($missing !== null && $situation->envelope->word(Field::Clearance) !== 'advised') {
            throw Refusal::at('clearance', $missing);
        }
        if (SessionLog::query()->where('client_id', $client->id)->whereNotNull('stop_sign')->whereNull('stop_cleared_at')->exists()) {
            throw Refusal::at('stop', 'A stop sign is open. Clear it on Review, with your reason, before a plan is issued.');
        }

        return DB::transaction(function () use ($client, $by, $revision, $situation): Plan {
            $plan = $client->plans()->where('status', Plan::DRAFT)->with('items')->lockForUpdate()->first();
            if ($plan === null) {
                throw Refusal::at('plan', 'There is no draft to issue. Draft a plan first.');
            }
            if ($plan->revision !== $revision) {
                throw Refusal::at('revision', 'Someone changed this plan meanwhile. Read it again, then issue it.');
            }
            if ($plan->items->isEmpty()) {
                throw Refusal::at('plan', 'A plan needs at least one exercise.');
            }
            $breaches = $this->fit->breaches($plan, $situation);
            if ($breaches !== []) {
                throw Refusal::at('plan', 'This plan does not fit the limits: '.$breaches[0]);
            }
            $client->plans()->where('status', Plan::ISSUED)->update(['status' => Plan::SUPERSEDED]);
            $plan->update(['status' => Plan::ISSUED, 'issued_on' => (string) $situation->on, 'issued_by' => $by->id]);
            Decision::record($by, $client, 'plan.issued', sprintf('Version %d issued with %d exercises.', $plan->version, $plan->items->count()), ['plan' => $plan->id]);

            return $plan;
        });
    }
}
