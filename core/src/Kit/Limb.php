<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/**
 * A limb as a load: mass, centre of mass and length as fractions of body mass and height. Torque at 90 degrees; the share
 * that a weight adds does not depend on the angle. Source: Winter 2009.
 */
enum Limb: string
{
    case Leg = 'leg';
    case Shank = 'shank';
    case Arm = 'arm';
    case Forearm = 'forearm';

    private const G = 9.80665;

    /** @return array{float, float, float} mass of body mass, centre of mass of the segment's length, length of height */
    private function segment(): array
    {
        return match ($this) {
            self::Leg => [0.161, 0.447, 0.491],
            self::Shank => [0.061, 0.606, 0.246],
            self::Arm => [0.050, 0.530, 0.332],
            self::Forearm => [0.022, 0.682, 0.146],
        };
    }

    /** Where a load in the hand acts, of height, from the near joint; null where there is no hand. */
    public function handAt(): ?float
    {
        return match ($this) {
            self::Arm => 0.386,
            self::Forearm => 0.200,
            default => null,
        };
    }

    /** N·m of the limb alone. */
    public function torque(float $bodyMassKg, float $heightM): float
    {
        [$mass, $centre, $length] = $this->segment();

        return $bodyMassKg * $mass * self::G * $centre * $length * $heightM;
    }

    /** N·m that a load adds at the end of the segment or in the hand. */
    public function addedTorque(float $heightM, int $addedG, bool $inHand): float
    {
        return $addedG / 1000 * self::G * ($inHand && $this->handAt() !== null ? $this->handAt() : $this->segment()[2]) * $heightM;
    }
}
