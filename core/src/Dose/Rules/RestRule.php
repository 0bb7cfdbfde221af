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

/** The rest that a limit asks for separates any two bouts: the only set of one exercise from the next exercise, too. */
final class RestRule implements DoseRule
{
    public function cut(Dose $dose, DoseLimits $limits, Reasons $because): Dose
    {
        $limit = $limits->tightest(Field::RestMinS);
        $least = $limits->number(Field::RestMinS);
        if ($limit === null || $least === null || $least <= $dose->restS) {
            return $dose;
        }
        $because->limit($limit);

        return $dose->with(restS: $least);
    }

    public function breaches(Dose $dose, DoseLimits $limits): iterable
    {
        $limit = $limits->tightest(Field::RestMinS);
        if ($limit !== null && $dose->restS < $limit->value) {
            yield new Breach(DoseField::Rest, $limit);
        }
    }
}
