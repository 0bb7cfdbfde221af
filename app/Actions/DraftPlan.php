<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\User;
use App\Rows\BuildSituation;
use App\Rows\OwnSetUp;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Plan\Drafter;
use Illuminate\Support\Facades\DB;

/** Drafts a whole session for a client as the next version; an older draft makes room for it, and can be taken back. */
final class DraftPlan
{
    public function __construct(private readonly BuildSituation $build, private readonly PlanDesk $desk)
    {
    }

    /**
     * @param  int|null  $revision  of the plans as the page showed them; null where nobody else can have changed them
     */
    public function run(Client $client, User $by, ?int $revision = null): Plan
    {
        $situation = $this->build->of($client);
        $wishes = $this->build->wishes($client);
        $draft = (new Drafter($situation))->draft($wishes);

        return DB::transaction(function () use ($client, $by, $revision, $situation, $wishes, $draft): Plan {
            $this->desk->next($client, $by, $revision, 'A plan drafted anew.');
            $chosen = self::chosen($client);
            $client->plans()->where('status', Plan::DRAFT)->delete();
            $plan = $client->plans()->create([
                'version' => $this->desk->nextVersion($client),
                'status' => Plan::DRAFT, 'revision' => $client->plan_revision,
                'aim' => $wishes->aim->value, 'structure' => $wishes->structure->value, 'minutes' => $wishes->minutes,
                'days' => $wishes->days,
                'notes' => ['left' => $draft->left, 'trims' => $draft->trims],
                'drafted_on' => (string) $situation->on,
            ]);
            foreach ($draft->items as $i => $item) {
                // The same door as for a dose that is typed; nothing that the core drafts has ever been met there.
                CheckDose::assertAllowed($item->here, $item->goal, $item->dose, confirmed: true);
                $plan->items()->create([
                    'position' => $i + 1, ...PlanItemRow::from($item), ...$chosen[$item->family->code] ?? [],
                    ...OwnSetUp::row($client, $item->family->code, $item->rung->code),
                ]);
            }
            Decision::record(
                $by,
                $client,
                'plan.drafted',
                sprintf('Version %d drafted with %d exercises.', $plan->version, count($draft->items)),
            );

            return $plan;
        });
    }

    /**
     * What a clinician chose for an exercise stays chosen: its school, its way, and its light days where they are still
     * days of the plan.
     *
     * @return array<string, array{school: string|null, ways: list<string>|null, light_days: list<int>|null}> by family
     */
    private static function chosen(Client $client): array
    {
        $plan = $client->plans()->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items')
            ->orderByDesc('version')->first();
        $chosen = [];
        foreach ($plan->items ?? [] as $item) {
            $light = array_values(array_intersect($item->light_days ?? [], $client->days));
            $chosen[$item->family] = [
                'school' => $item->school, 'ways' => $item->ways,
                'light_days' => $light === [] || count($light) === count($client->days) ? null : $light,
            ];
        }

        return $chosen;
    }
}
