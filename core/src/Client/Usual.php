<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Input\Bag;

/** The client's own usual resting values; null where nobody has recorded one. */
final readonly class Usual
{
    public function __construct(
        public ?float $systolic = null,
        public ?float $diastolic = null,
        public ?float $heartRate = null,
        public ?float $spo2 = null,
        public ?float $pain = null,
        public ?float $weightKg = null,
    ) {
    }

    public static function read(?Bag $bag): self
    {
        return $bag === null ? new self : new self(
            $bag->optNumber('sbp', 50, 260), $bag->optNumber('dbp', 30, 160), $bag->optNumber('heart_rate', 25, 220),
            $bag->optNumber('spo2', 50, 100), $bag->optNumber('pain', 0, 10), $bag->optNumber('weight_kg', 20, 350),
        );
    }
}
