<?php

declare(strict_types=1);

namespace App\Devices;

use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Units\Mass;

/** The devices a gateway may speak for, what each reads, and the units it may use. */
enum DeviceKind: string
{
    case Cuff = 'cuff';
    case Oximeter = 'oximeter';
    case HeartStrap = 'strap';
    case GlucoseMeter = 'glucose_meter';
    case Thermometer = 'thermometer';
    case Dynamometer = 'dynamometer';
    case LuggageScale = 'luggage_scale';

    public function label(): string
    {
        return match ($this) {
            self::Cuff => 'Blood-pressure cuff',
            self::Oximeter => 'Pulse oximeter',
            self::HeartStrap => 'Heart-rate strap',
            self::GlucoseMeter => 'Glucose meter',
            self::Thermometer => 'Thermometer',
            self::Dynamometer => 'Hand dynamometer',
            self::LuggageScale => 'Luggage scale',
        };
    }

    /**
     * Field to the plausible range in our unit; a value outside is a fault, never a reading.
     *
     * @return array<string, array{float, float}>
     */
    public function fields(): array
    {
        return match ($this) {
            self::Cuff => array_intersect_key(Readings::RANGES, ['sbp' => 1, 'dbp' => 1, 'heart_rate' => 1]),
            self::Oximeter => array_intersect_key(Readings::RANGES, ['spo2' => 1, 'heart_rate' => 1]),
            self::HeartStrap => array_intersect_key(Readings::RANGES, ['heart_rate' => 1]),
            self::GlucoseMeter => array_intersect_key(Readings::RANGES, ['glucose_mmol' => 1]),
            self::Thermometer => array_intersect_key(Readings::RANGES, ['temp_c' => 1]),
            self::Dynamometer => ['grip_kg' => [0, 90]],
            self::LuggageScale => ['mass_kg' => [0.01, 60]],
        };
    }

    /** @return array<string, callable(float): float> unit to the conversion into ours */
    public function units(): array
    {
        $same = static fn (float $v): float => $v;

        return match ($this) {
            self::Cuff => ['mmHg' => $same],
            self::Oximeter => ['%' => $same],
            self::HeartStrap => ['1/min' => $same],
            self::GlucoseMeter => ['mmol/L' => $same, 'mg/dL' => Readings::mmol(...)],
            self::Thermometer => ['°C' => $same, '°F' => static fn (float $f): float => round(($f - 32) / 1.8, 1)],
            self::Dynamometer,
            self::LuggageScale => [
                'kg' => $same, 'lb' => static fn (float $lb): float => round($lb * Mass::GRAMS_PER_POUND / 1000, 2),
            ],
        };
    }
}
