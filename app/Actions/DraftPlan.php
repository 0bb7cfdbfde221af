<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\User;
use BuoyantStep\Core\Plan\Drafter;
use Illuminate\Support\Facades\DB;

/** Drafts a whole session for a client as the next version; an older draft makes room for it. */
final class DraftPlan
{
    public function __construct(private readonly BuildSituation $build)
    {
    }

    public function run(Client $client, User $by): Plan
    {
        $situation = $this->build->of($client);
        $wishes = $this->build->wishes($client);
        $draft = (new Drafter($situation))->draft($wishes);

        return DB::transaction(function () use ($client, $by, $situation, $wishes, $draft): Plan {
            $this->lockClient($client);
            $client->plans()->where('status', Plan::DRAFT)->delete();
            $plan = $client->plans()->create([
                'version' => $this->nextVersion($client),
                'status' => Plan::DRAFT,
                'aim' => $wishes->aim, 'structure' => $wishes->structure, 'minutes' => $wishes->minutes, 'days' => $wishes->days,
                'notes' => ['left' => $draft->left, 'trims' => $draft->trims],
                'drafted_on' => (string) $situation->on,
            ]);
            foreach ($draft->items as $i => $item) {
                $plan->items()->create(['position' => $i + 1, ...PlanItemRow::from($item)]);
            }
            Decision::record($by, $client, 'plan.drafted', sprintf('Version %d drafted with %d exercises.', $plan->version, count($draft->items)));

            return $plan;
        });
    }

    /** The draft on the desk: the one there is, or a copy of the issued plan to change. */
    public function desk(Client $client, User $by): Plan
    {
        return DB::transaction(function () use ($client): Plan {
            $this->lockClient($client);
            $draft = $client->plans()->where('status', Plan::DRAFT)->first();
            if ($draft !== null) {
                return $draft->load('items');
            }
            $issued = $client->plans()->where('status', Plan::ISSUED)->with('items')->firstOrFail();
            $copy = $client->plans()->create([
                ...$issued->only(['aim', 'structure', 'minutes', 'days', 'notes']),
                'version' => $this->nextVersion($client), 'status' => Plan::DRAFT, 'drafted_on' => (string) $client->clinic->today(),
            ]);
            foreach ($issued->items as $item) {
                $copy->items()->create([
                    ...$item->only(['position', 'family', 'rung', 'goal', 'dose', 'sides', 'changes', 'because', 'findings', 'recipe']),
                    'last_load_g' => is_int($item->dose['load_g'] ?? null) ? $item->dose['load_g'] : null,
                ]);
            }

            return $copy->load('items');
        });
    }

    /** The desk for somebody who saw it at that revision: a page that is older than the draft changes nothing. */
    public function deskAt(Client $client, User $by, int $revision): Plan
    {
        $hadDraft = $client->plans()->where('status', Plan::DRAFT)->exists();
        $plan = $this->desk($client, $by);
        if ($hadDraft && Plan::query()->whereKey($plan->id)->where('revision', $revision)->update(['revision' => $revision + 1]) === 0) {
            throw Refusal::at('revision', 'Someone changed this plan meanwhile. The page shows it as it is now; make your change again.');
        }

        return $plan;
    }

    /** One writer at a time for a client's plans, so that two tabs cannot make two drafts. */
    private function lockClient(Client $client): void
    {
        Client::query()->whereKey($client->id)->lockForUpdate()->firstOrFail();
    }

    private function nextVersion(Client $client): int
    {
        $max = $client->plans()->max('version');

        return (is_numeric($max) ? (int) $max : 0) + 1;
    }
}
