<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Watched;

/** What was read before a session; null is not entered. An implausible value is refused, never used. */
final readonly class Readings
{
    /**
     * Plausible values, both ends included: outside lies a fault of the device or of the typing. Wide on purpose: the
     * worst that an emergency brings must be taken, and answered. House estimates.
     */
    public const RANGES = [
        'sbp' => [40, 300], 'dbp' => [20, 200], 'heart_rate' => [20, 250], 'spo2' => [30, 100],
        'glucose_mmol' => [0.3, 60], 'ketones_mmol' => [0, 20], 'temp_c' => [30, 44], 'weight_kg' => [20, 350],
        'fatigue' => [0, 10],
    ];

    /** 1 mmol/L of glucose in mg/dL. */
    public const MGDL_PER_MMOL = 18.016;

    /** @param  bool  $repeat  a second look, after one that asked to wait */
    public function __construct(
        public bool $repeat = false,
        public BloodPressure $pressure = new BloodPressure,
        public Pulse $pulse = new Pulse,
        public Sugar $sugar = new Sugar,
        public Bodily $body = new Bodily,
        public Feeling $feeling = new Feeling,
    ) {
    }

    /** @throws InvalidInput naming the reading */
    public static function read(Bag $bag): self
    {
        $number = static fn (string $key): ?float => $bag->optNumber($key, ...self::RANGES[$key]);
        $flag = static fn (string $key): ?bool => $bag->has($key) ? $bag->bool($key) : null;
        $pressure = new BloodPressure($number('sbp'), $number('dbp'));
        if ($pressure->isEntered() && $pressure->diastolic >= $pressure->systolic) {
            throw InvalidInput::at($bag->pointer('dbp'), sprintf(
                'The diastolic pressure %d is not below the systolic %d: read it again.',
                (int) $pressure->diastolic, (int) $pressure->systolic,
            ));
        }

        return new self(
            $bag->bool('repeat'),
            $pressure,
            new Pulse($number('heart_rate'), $flag('irregular_pulse'), $number('spo2')),
            new Sugar($number('glucose_mmol'), $number('ketones_mmol')),
            new Bodily($number('temp_c'), $number('weight_kg'), $flag('skin_ok'), $flag('limb_change')),
            new Feeling($flag('unwell'), $number('fatigue'), $flag('slept_badly')),
        );
    }

    /** Was this looked at? What no reading stands for is never asked here. */
    public function has(Watched $what): bool
    {
        return match ($what) {
            Watched::BloodPressure => $this->pressure->isEntered(),
            Watched::HeartRate => $this->pulse->rate !== null,
            Watched::Saturation => $this->pulse->spo2 !== null,
            Watched::Glucose => $this->sugar->glucose !== null,
            Watched::Weight => $this->body->weightKg !== null,
            Watched::Temperature => $this->body->tempC !== null,
            Watched::Skin => $this->body->skinOk !== null,
            Watched::LimbGirth => $this->body->limbChange !== null,
            Watched::PelvicFloor, Watched::Dysreflexia => true,
        };
    }

    /** mg/dL to mmol/L, rounded to a tenth: 90 becomes 5.0. */
    public static function mmol(float $mgPerDl): float
    {
        return round($mgPerDl / self::MGDL_PER_MMOL, 1);
    }
}
