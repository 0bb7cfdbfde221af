<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Plan;
use App\Models\PlanItem;
use BuoyantStep\Core\Dose\Goal;

/** Where the heart, the lungs or the pressure ask for a warm-up, no plan goes without one. */
final class WarmUp
{
    public const SAYS = 'Heart, lungs or pressure ask for a warm-up: one exercise of it stays in. Swap it, or add '
        .'another one first.';

    public static function isIn(Plan $plan): bool
    {
        return $plan->items->contains(static fn (PlanItem $i): bool => self::is($i));
    }

    /** Is there still one in its plan when this exercise is gone? */
    public static function isLeftBy(PlanItem $gone): bool
    {
        return ! self::is($gone) || $gone->plan->items->contains(
            static fn (PlanItem $i): bool => self::is($i) && ! $i->is($gone),
        );
    }

    private static function is(PlanItem $item): bool
    {
        return $item->goal === Goal::WarmUp->value;
    }
}
