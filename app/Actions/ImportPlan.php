<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exchange\PlanFile;
use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\User;
use App\Rows\BlockRow;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use Illuminate\Support\Facades\DB;

/** A plan from a file as the next draft; an older draft makes room for it, and can be taken back. */
final class ImportPlan
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly PlanDesk $desk,
        private readonly PlanFile $file,
    ) {
    }

    public function run(Client $client, User $by, string $json, int $revision): Plan
    {
        $open = $this->file->read($json, $this->build->of($client));

        return DB::transaction(function () use ($client, $by, $open, $revision): Plan {
            $this->desk->next($client, $by, $revision, 'A plan from a file.');
            $before = $client->plans()->orderByDesc('version')->first();
            $client->plans()->where('status', Plan::DRAFT)->delete();
            $plan = $client->plans()->create([
                'version' => $this->desk->nextVersion($client), 'status' => Plan::DRAFT,
                'revision' => $client->plan_revision, 'aim' => $open->wishes->aim->value,
                'structure' => $open->wishes->structure->value, 'minutes' => $open->wishes->minutes,
                'days' => $open->wishes->days, 'wishes' => $open->wishes->prefers->jsonSerialize(),
                'session' => $open->wishes->shape->jsonSerialize(),
                ...BlockRow::wished($open->wishes->block, $before, $client->clinic->today()),
                'notes' => ['left' => $open->left, 'trims' => $open->trims],
                'drafted_on' => (string) $open->draftedOn,
            ]);
            $of = [];
            foreach ($open->items as $i => $item) {
                $family = $item->planned->family->code;
                $of[$family] = ($of[$family] ?? 0) + 1;
                $plan->items()->create(['position' => $i + 1, 'nth' => $of[$family], ...PlanFile::row($item),
                    ...PlanItemRow::days($item->on->within($open->wishes->days)),
                ]);
            }
            Decision::record($by, $client, 'plan.imported', sprintf(
                'Version %d from a file, with %d exercises.', $plan->version, count($open->items),
            ));

            return $plan;
        });
    }
}
