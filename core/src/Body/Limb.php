<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Body;

use BuoyantStep\Core\Units\Gravity;

/**
 * A limb as a load: mass, centre of mass and length as fractions of body mass and height. Torque at 90 degrees; the
 * share that a weight adds does not depend on the angle. Source: Winter 2009.
 */
enum Limb: string
{
    case Leg = 'leg';
    case Shank = 'shank';
    case Arm = 'arm';
    case Forearm = 'forearm';

    /** Mass, of body mass; the foot counts with the leg, the hand with the arm. */
    private function mass(): float
    {
        return match ($this) {
            self::Leg => 0.161,
            self::Shank => 0.061,
            self::Arm => 0.050,
            self::Forearm => 0.022,
        };
    }

    /** Centre of mass, of the limb's own length from the near joint. */
    private function centre(): float
    {
        return match ($this) {
            self::Leg => 0.447,
            self::Shank => 0.606,
            self::Arm => 0.530,
            self::Forearm => 0.682,
        };
    }

    /** Length to ankle or wrist, of height. */
    private function length(): float
    {
        return match ($this) {
            self::Leg => Segment::LEG,
            self::Shank => Segment::SHANK,
            self::Arm => Segment::ARM,
            self::Forearm => Segment::FOREARM,
        };
    }

    /** Where a load in the hand acts, of height, from the near joint; null where there is no hand. */
    public function handAt(): ?float
    {
        return match ($this) {
            self::Arm => Segment::REACH,
            self::Forearm => Segment::FOREARM + Segment::GRIP,
            default => null,
        };
    }

    /** N·m of the limb alone. */
    public function torque(float $bodyMassKg, float $heightM): float
    {
        return $bodyMassKg * $this->mass() * Gravity::G * $this->centre() * $this->length() * $heightM;
    }

    /** N·m that a load adds at the end of the limb or in the hand. */
    public function addedTorque(float $heightM, int $addedG, bool $inHand): float
    {
        $at = $inHand ? $this->handAt() ?? $this->length() : $this->length();

        return $addedG / 1000 * Gravity::G * $at * $heightM;
    }
}
