<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

/** Standard gravity, exact by definition (CGPM 1901). */
final class Gravity
{
    /** m/s²; and what one kilogram hanging from a luggage scale pulls, in newtons. */
    public const G = 9.80665;

    /** What a scale shows under a pull, grams. */
    public static function gramsOf(float $newtons): int
    {
        return (int) round($newtons / self::G * 1000);
    }

    /** The pull that a scale shows as so many grams, whole newtons. */
    public static function newtonsOf(int $grams): int
    {
        return (int) round($grams / 1000 * self::G);
    }
}
