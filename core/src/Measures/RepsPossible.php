<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

/**
 * Reps to failure at a load, and the load for a number of reps: the inverse of the same pair of formulas as OneRepMax,
 * joined at n = 10 (1RM/load = 4/3). Past 15 it is a guess, and whoever shows it says "trial set required".
 */
final class RepsPossible
{
    /** @return float 1 or more for a load up to the 1RM; below 1 when the load is heavier than that */
    public static function at(int $loadG, int $oneRepMaxG): float
    {
        if ($loadG <= 0) {
            return INF;
        }
        $ratio = $oneRepMaxG / $loadG;

        return $ratio <= 4 / 3 ? 37 - 36 / $ratio : 30 * ($ratio - 1);
    }

    /** @return float grams that leave exactly n reps possible */
    public static function loadFor(int $reps, int $oneRepMaxG): float
    {
        return $reps <= OneRepMax::GOOD_UP_TO
            ? $oneRepMaxG * (37 - max(1, $reps)) / 36
            : $oneRepMaxG / (1 + $reps / 30);
    }

    public static function isGuess(float $reps): bool
    {
        return $reps > OneRepMax::FAIR_UP_TO;
    }
}
