<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/**
 * Where a load starts before anything has been measured, as a share of body mass: for each hand where the hands lift
 * apart, in all where they lift together. House convention: heavy enough to learn from, far from anybody's limit.
 */
enum StartFloor: string
{
    case TwoHandLift = 'two_hand_lift';
    case Rise = 'rise';
    case Carry = 'carry';
    case Row = 'row';
    case Press = 'press';
    case Raise = 'raise';
    case Cuff = 'cuff';

    /** Percent of body mass, counted as the ladder of loads is. */
    public function percent(): float
    {
        return match ($this) {
            self::TwoHandLift => 5.0,
            self::Carry => 4.0,
            self::Rise => 3.0,
            self::Row => 2.0,
            self::Press => 1.5,
            self::Raise => 0.7,
            self::Cuff => 0.5,
        };
    }
}
