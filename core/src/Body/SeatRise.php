<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Body;

use BuoyantStep\Core\Units\Gravity;

/**
 * Rising from a seat as a load: mechanical work 0.9 M g (0.5 H - seat), after Alcazar 2018; the lever is the seat
 * height against the height of the knee, 0.285 H (Drillis and Contini, in Winter 2009). Each 50 mm of cushion is one
 * rung.
 */
final class SeatRise
{
    public const CUSHION_MM = 50;

    /** Joules for one rise; 0 when the seat is as high as the standing hip. */
    public static function work(float $bodyMassKg, int $heightMm, int $seatMm): float
    {
        return max(0.0, 0.9 * $bodyMassKg * Gravity::G * (0.5 * $heightMm - $seatMm) / 1000);
    }

    /** Seat over knee height: 1 is level thighs, lower is deeper. */
    public static function lever(int $heightMm, int $seatMm): float
    {
        return $seatMm / (Segment::KNEE_HEIGHT * $heightMm);
    }
}
