<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Forecast\Bought;
use BuoyantStep\Core\Forecast\Shopping;
use BuoyantStep\Core\Forecast\StepsAhead;

/** What a client would do well to buy next, for the plan in force or else the draft; null without a plan. */
final class WhatToBuy
{
    public function __construct(private readonly BuildSituation $build, private readonly Catalogue $catalogue)
    {
    }

    /** @return list<string>|null */
    public function run(Client $client): ?array
    {
        $plan = $client->plans()->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items')
            ->orderByDesc('version')->first();
        if ($plan === null) {
            return null;
        }
        $situation = $this->build->of($client);
        $loaded = $rungs = [];
        foreach ($plan->items as $item) {
            /** @var PlanItem $item */
            $family = $this->catalogue->family($item->family);
            $here = $situation->at($family, $family->rung($item->rung));
            $dose = PlanItemRow::dose($item);
            $rungs[] = $here;
            if ($dose->loadG !== null && ! $here->isOut()) {
                $loaded[] = new StepsAhead($here, PlanItemRow::goal($item), $dose);
            }
        }

        return array_map(
            static fn (Bought $b): string => $b->says(), (new Shopping($situation->kit, $loaded, $rungs))->list(),
        );
    }
}
