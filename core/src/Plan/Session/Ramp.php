<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Session;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** A lighter set before the working sets. */
final class Ramp
{
    /** From this share of the estimated 1RM on a lighter set comes first, percent. House, after practice. */
    public const OVER_PCT = 60;

    /** So much of the working load, at most. House convention. */
    private const SHARE = 0.6;

    private const REPS = 5;

    public const REST_S = 60;

    /** With the nearest load at or under 60 % of the working one; null where none is asked for or can be made. */
    public static function of(RungHere $here, Goal $goal, Dose $dose): ?Dose
    {
        $estimate = $here->estimate();
        if ($dose->loadG === null || $dose->isApart() || $dose->kind !== DoseKind::Reps || $estimate === null) {
            return null;
        }
        $system = $here->system();
        if ($system->with($dose->loadG) <= self::OVER_PCT / 100 * $estimate->grams) {
            return null;
        }
        $most = (int) floor($dose->loadG * self::SHARE);
        $lighter = $here->ladder()?->best($most, $most)?->loadG;
        $ramp = $lighter === null ? null : $dose->with(
            sets: 1, amount: new Span(self::REPS, self::REPS), effort: new Span(2, 4), loadG: $lighter,
            restS: self::REST_S,
        );

        // A limit may ask for more reps than a light set has.
        return $ramp === null || DoseLimits::of($here, $goal)->breaches($ramp) !== [] ? null : $ramp;
    }
}
