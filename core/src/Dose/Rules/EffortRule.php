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

/** Effort stays at or under its cap; where the goal asks for more, the limit wins and it says so. */
final class EffortRule implements DoseRule
{
    public function cut(Dose $dose, DoseLimits $limits, Reasons $because): Dose
    {
        $limit = $limits->tightest(Field::EffortMax);
        $max = $limits->number(Field::EffortMax);
        if ($limit === null || $max === null || $max >= $dose->effort->hi) {
            return $dose;
        }
        $because->limit($limit);
        if ($max < $dose->effort->lo) {
            $because->rule('goal_unmet', sprintf(
                'The goal asks for RPE %d or more; the limit of %d wins.', $dose->effort->lo, $max,
            ));
        }

        return $dose->with(effort: new Span(min($dose->effort->lo, $max), $max));
    }

    public function breaches(Dose $dose, DoseLimits $limits): iterable
    {
        $limit = $limits->tightest(Field::EffortMax);
        if ($limit !== null && $dose->effort->hi > $limit->value) {
            yield new Breach(DoseField::EffortHi, $limit);
        }
    }
}
