<?php

declare(strict_types=1);

namespace App\Devices;

use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Range;

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
     * @return array<string, Range>
     */
    public function fields(): array
    {
        return match ($this) {
            self::Cuff => self::vitals(Vital::Systolic, Vital::Diastolic, Vital::HeartRate),
            self::Oximeter => self::vitals(Vital::Saturation, Vital::HeartRate),
            self::HeartStrap => self::vitals(Vital::HeartRate),
            self::GlucoseMeter => self::vitals(Vital::Glucose),
            self::Thermometer => self::vitals(Vital::Temperature),
            self::Dynamometer => ['grip_kg' => new Range(0, 90)],
            self::LuggageScale => ['mass_kg' => new Range(0.01, 60)],
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

    /** @return array<string, Range> */
    private static function vitals(Vital ...$vitals): array
    {
        $ranges = [];
        foreach ($vitals as $vital) {
            $ranges[$vital->value] = $vital->range();
        }

        return $ranges;
    }

    /** "Systolic pressure, mmHg" */
    public static function fieldLabel(string $field): string
    {
        $vital = Vital::tryFrom($field);

        return match (true) {
            $vital !== null => $vital->label().', '.$vital->unit(),
            $field === 'grip_kg' => 'Grip, kg',
            default => 'Mass, kg',
        };
    }

    /**
     * What a device sent, in words: "systolic pressure 152 mmHg, diastolic pressure 90 mmHg".
     *
     * @param  array<string, int|float>  $values
     */
    public static function say(array $values): string
    {
        $says = [];
        foreach ($values as $key => $value) {
            $says[] = match ($key) {
                'grip_kg' => 'grip '.$value.' kg',
                'mass_kg' => Mass::say($value * 1000),
                default => Vital::tryFrom($key)?->say((float) $value) ?? '',
            };
        }

        return implode(', ', $says);
    }
}
