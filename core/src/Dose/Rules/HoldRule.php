<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Rules;

use BuoyantStep\Core\Dose\Breach;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseField;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\DoseRule;
use BuoyantStep\Core\Dose\Reasons;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;

/**
 * Hard holds are no longer than the longest allowed, inside a rep as well; stances, warm-ups and stretches are no hard
 * holds.
 */
final class HoldRule implements DoseRule
{
    public function cut(Dose $dose, DoseLimits $limits, Reasons $because): Dose
    {
        $limit = $limits->tightest(Field::HoldMaxS);
        $most = $limits->number(Field::HoldMaxS);
        if ($limit === null || $most === null) {
            return $dose;
        }
        $long = $limits->holdsEffortfully($dose) && $dose->amount->hi > $most;
        $held = $dose->holdS !== null && $dose->holdS > $most;
        if ($long || $held) {
            $because->limit($limit);
        }
        $dose = $long ? $dose->with(amount: new Span(min($dose->amount->lo, $most), $most)) : $dose;

        return match (true) {
            ! $held => $dose,
            // A hold of nothing is no hold.
            $most < 1 => $dose->withoutHold(),
            default => $dose->with(holdS: $most),
        };
    }

    public function breaches(Dose $dose, DoseLimits $limits): iterable
    {
        $limit = $limits->tightest(Field::HoldMaxS);
        if ($limit === null) {
            return;
        }
        if ($limits->holdsEffortfully($dose) && $dose->amount->hi > $limit->value) {
            yield new Breach(DoseField::AmountHi, $limit);
        }
        if ($dose->holdS !== null && $dose->holdS > $limit->value) {
            yield new Breach(DoseField::Hold, $limit);
        }
    }
}
