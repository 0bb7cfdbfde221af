<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * With a load cap but no usable 1RM: RPE up to 4, 15 reps, the lightest load. Never uncapped. House convention,
 * cautious.
 */
final class Blind
{
    private const EFFORT = 4;

    private const REPS = 15;

    public static function dose(Dose $dose, DoseLimits $limits, Limit $percent, Reasons $because): Dose
    {
        $because->limit($percent)->rule(
            'no_estimate',
            'No usable easy set yet: RPE up to 4, 15 reps and the lightest load until there is one.',
            'House convention, cautious',
        );
        $effort = new Span(min($dose->effort->lo, self::EFFORT), min($dose->effort->hi, self::EFFORT));
        $reps = min(
            $limits->number(Field::RepsMax) ?? PHP_INT_MAX, max($limits->number(Field::RepsMin) ?? 1, self::REPS),
        );

        return $dose->with(
            amount: $dose->kind === DoseKind::Reps ? new Span($reps, $reps) : $dose->amount, effort: $effort,
        );
    }
}
