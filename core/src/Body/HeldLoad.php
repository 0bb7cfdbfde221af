<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Body;

use BuoyantStep\Core\Units\Gravity;

/**
 * Moments of a load that is held: in front of the shoulder with the arm's own torque added (Winter 2009), and at one
 * side of the body in a suitcase carry, where the arm is half the pelvis (0.0955 H) and 0.05 m more.
 */
final class HeldLoad
{
    /** N·m at the shoulder from a load alone, held at a distance in metres. */
    public static function added(int $loadG, float $distanceM): float
    {
        return $loadG / 1000 * Gravity::G * $distanceM;
    }

    /** N·m at the shoulder from the load and the straight arm held level. */
    public static function atShoulder(float $bodyMassKg, int $heightMm, int $loadG, float $distanceM): float
    {
        return Limb::Arm->torque($bodyMassKg, $heightMm / 1000) + self::added($loadG, $distanceM);
    }

    /** N·m that bend the trunk to the loaded side in a one-sided carry. */
    public static function sideBending(int $heightMm, int $loadG): float
    {
        return self::added($loadG, Segment::HALF_PELVIS * $heightMm / 1000 + 0.05);
    }
}
