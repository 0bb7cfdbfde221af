<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PlanItem as StoredItem;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\PlanItem;

/** Between the core's plan item and its row. */
final class PlanItemRow
{
    /** @return array<string, mixed> */
    public static function from(PlanItem $item): array
    {
        return [
            'family' => $item->family->code,
            'rung' => $item->rung->code,
            'goal' => $item->goal->value,
            'dose' => $item->dose->jsonSerialize(),
            'sides' => array_map(static fn (Side $s): string => $s->value, $item->sides),
            'changes' => $item->changes,
            'because' => array_map(static fn ($r): array => $r->jsonSerialize(), $item->dosing->because),
            'findings' => $item->dosing->findings,
            'recipe' => $item->recipe,
        ];
    }

    public static function dose(StoredItem $item): Dose
    {
        return Dose::read(new Bag($item->dose));
    }

    public static function goal(StoredItem $item): Goal
    {
        return Goal::from($item->goal);
    }
}
