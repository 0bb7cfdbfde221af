<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Without a usable 1RM: RPE up to 5 and 15 reps, from a load to begin with. House convention, cautious. */
final class Blind
{
    private const EFFORT = 5;

    private const REPS = 15;

    public static function dose(Dose $dose, DoseLimits $limits, Reasons $because, string $says): Dose
    {
        $percent = $limits->loadPct();
        if ($percent !== null && $limits->isBlind()) {
            $because->limit($percent);
        }
        $because->rule('no_estimate', $says, 'House convention, cautious');
        $effort = new Span(min($dose->effort->lo, self::EFFORT), min($dose->effort->hi, self::EFFORT));
        $reps = min(
            $limits->number(Field::RepsMax) ?? PHP_INT_MAX, max($limits->number(Field::RepsMin) ?? 1, self::REPS),
        );

        return $dose->with(
            amount: $dose->kind === DoseKind::Reps ? new Span($reps, $reps) : $dose->amount, effort: $effort,
        );
    }
}
