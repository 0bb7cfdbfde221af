<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * The same exercise on a light day: about four fifths of all that is lifted and two points of effort less; where there
 * is no lighter load, one set fewer. House convention; it is done, and never counts for or against a step.
 */
final class LightDay
{
    private const PCT = 80;

    /** Less than this of all that is lifted is no longer the same exercise. */
    private const LEAST_PCT = 50;

    private const EASIER = 2;

    public static function of(RungHere $here, Dose $dose): Dose
    {
        if ($dose->isApart()) {
            return Dose::joined(
                self::of($here->onSide(Side::Left), $dose->on(Side::Left)),
                self::of($here->onSide(Side::Right), $dose->on(Side::Right)),
            );
        }
        $less = static fn (int $effort): int => max(1, $effort - self::EASIER);
        $easier = $dose->with(effort: new Span($less($dose->effort->lo), $less($dose->effort->hi)));
        $load = self::lighter($here, $dose);

        return $load === null ? $easier->with(sets: max(1, $dose->sets - 1)) : $easier->resisting($load);
    }

    /** The heaviest there is that is light enough, grams; null where nothing resists, or nothing is. */
    private static function lighter(RungHere $here, Dose $dose): ?int
    {
        $grams = $dose->resistanceG();
        if ($grams === null) {
            return null;
        }
        $system = $here->system();
        $most = $system->loadFor($system->with($grams) * self::PCT / 100);
        $least = $system->loadFor($system->with($grams) * self::LEAST_PCT / 100);
        $loads = $dose->pullN === null ? $here->ladder()?->grams() ?? [] : Pulls::of($here)->grams();
        $under = array_filter($loads, static fn (int $g): bool => $g <= $most + 1e-9 && $g >= $least - 1e-9);

        return $under === [] ? null : max($under);
    }
}
