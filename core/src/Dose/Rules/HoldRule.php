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

/** Hard holds are no longer than the longest allowed; stances, warm-ups and stretches are no hard holds. */
final class HoldRule implements DoseRule
{
    public function cut(Dose $dose, DoseLimits $limits, Reasons $because): Dose
    {
        $limit = $limits->tightest(Field::HoldMaxS);
        $most = $limits->number(Field::HoldMaxS);
        if ($limit === null || $most === null || $dose->amount->hi <= $most || ! $limits->holdsEffortfully($dose)) {
            return $dose;
        }
        $because->limit($limit);

        return $dose->with(amount: new Span(min($dose->amount->lo, $most), $most));
    }

    public function breaches(Dose $dose, DoseLimits $limits): iterable
    {
        $limit = $limits->tightest(Field::HoldMaxS);
        if ($limit !== null && $limits->holdsEffortfully($dose) && $dose->amount->hi > $limit->value) {
            yield new Breach(DoseField::AmountHi, $limit);
        }
    }
}
