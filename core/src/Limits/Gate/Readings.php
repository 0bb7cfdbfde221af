<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Gate;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;

/** What was read before a session; null is not entered. An implausible value is refused, never used. */
final readonly class Readings
{
    /**
     * Plausible values, both ends included: outside lies a fault of the device or of the typing. Wide on purpose: the worst
     * that an emergency brings must be taken, and answered. House estimates.
     */
    public const RANGES = [
        'sbp' => [40, 300], 'dbp' => [20, 200], 'heart_rate' => [20, 250], 'spo2' => [30, 100], 'glucose_mmol' => [0.3, 60],
        'ketones_mmol' => [0, 20], 'temp_c' => [30, 44], 'weight_kg' => [20, 350], 'fatigue' => [0, 10],
    ];

    /** 1 mmol/L of glucose in mg/dL. */
    public const MGDL_PER_MMOL = 18.016;

    public function __construct(
        public ?float $sbp = null,
        public ?float $dbp = null,
        public bool $repeat = false,
        public ?float $heartRate = null,
        public ?bool $irregularPulse = null,
        public ?float $spo2 = null,
        public ?float $glucose = null,
        public ?float $ketones = null,
        public ?bool $unwell = null,
        public ?float $tempC = null,
        public ?float $weightKg = null,
        public ?float $fatigue = null,
        public ?bool $sleptBadly = null,
        public ?bool $skinOk = null,
        public ?bool $limbChange = null,
    ) {
    }

    /** @throws InvalidInput naming the reading */
    public static function read(Bag $bag): self
    {
        $number = static fn (string $key): ?float => $bag->optNumber($key, ...self::RANGES[$key]);
        $flag = static fn (string $key): ?bool => $bag->has($key) ? $bag->bool($key) : null;
        $sbp = $number('sbp');
        $dbp = $number('dbp');
        if ($sbp !== null && $dbp !== null && $dbp >= $sbp) {
            throw InvalidInput::at($bag->pointer('dbp'), sprintf('The lower pressure %d is not below the upper %d: read it again.', (int) $dbp, (int) $sbp));
        }

        return new self(
            $sbp, $dbp, $bag->bool('repeat'), $number('heart_rate'), $flag('irregular_pulse'), $number('spo2'), $number('glucose_mmol'), $number('ketones_mmol'),
            $flag('unwell'), $number('temp_c'), $number('weight_kg'), $number('fatigue'), $flag('slept_badly'), $flag('skin_ok'), $flag('limb_change'),
        );
    }

    /** mg/dL to mmol/L, rounded to a tenth: 90 becomes 5.0. */
    public static function mmol(float $mgPerDl): float
    {
        return round($mgPerDl / self::MGDL_PER_MMOL, 1);
    }
}
