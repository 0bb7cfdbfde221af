<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

/**
 * The same exercise in an easier week: about six tenths of its sets, at the same load. House convention; it is done,
 * and never counts for or against a step.
 */
final class EasierWeek
{
    private const SHARE = 0.6;

    public static function sets(int $sets): int
    {
        return max(1, (int) round($sets * self::SHARE));
    }

    public static function of(Dose $dose): Dose
    {
        return $dose->with(sets: self::sets($dose->sets));
    }
}
