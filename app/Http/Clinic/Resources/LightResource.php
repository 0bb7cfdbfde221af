<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\LightDay;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Situation\RungHere;

/** The light days of an exercise, with what is done on them. */
final class LightResource
{
    /** @return array<string, mixed>|null null where every day is the same */
    public static function of(PlanItem $item, RungHere $here, Goal $goal): ?array
    {
        if (($item->light_days ?? []) === []) {
            return null;
        }
        $dose = LightDay::of($here, PlanItemRow::dose($item));

        return [
            'days' => $item->light_days, 'dose' => DoseResource::of($dose, $goal, $here->rung),
            'recipe' => Drafter::recipe($here, $goal, $dose),
        ];
    }
}
