<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Labelled;
use BuoyantStep\Core\Vocabulary\Watched;

/** What is read as a number before a session, in the order it is asked for. */
enum Vital: string implements Labelled
{
    case Systolic = 'sbp';
    case Diastolic = 'dbp';
    case SystolicStanding = 'sbp_standing';
    case DiastolicStanding = 'dbp_standing';
    case HeartRate = 'heart_rate';
    case Saturation = 'spo2';
    case Glucose = 'glucose_mmol';
    case Ketones = 'ketones_mmol';
    case Weight = 'weight_kg';
    case Temperature = 'temp_c';
    case Fatigue = 'fatigue';
    case Pain = 'pain';

    public function label(): string
    {
        return match ($this) {
            self::Systolic => 'Systolic pressure',
            self::Diastolic => 'Diastolic pressure',
            self::SystolicStanding => 'Systolic standing',
            self::DiastolicStanding => 'Diastolic standing',
            self::HeartRate => 'Resting heart rate',
            self::Saturation => 'Saturation',
            self::Glucose => 'Glucose',
            self::Ketones => 'Ketones',
            self::Weight => 'Weight',
            self::Temperature => 'Temperature',
            self::Fatigue => 'Fatigue, 0-10',
            self::Pain => 'Pain at rest, 0-10',
        };
    }

    /** As a form writes it behind the label; a mass is typed in the reader's own unit. */
    public function unit(): string
    {
        return match ($this) {
            self::Systolic, self::Diastolic, self::SystolicStanding, self::DiastolicStanding => 'mmHg',
            self::HeartRate => 'per minute',
            self::Saturation => '%',
            self::Glucose, self::Ketones => 'mmol/L',
            self::Weight => 'kg',
            self::Temperature => '°C',
            self::Fatigue, self::Pain => '',
        };
    }

    /** What a limit asks to be watched when it wants this number; null for what no limit asks. */
    public function watched(): ?Watched
    {
        return match ($this) {
            self::Systolic, self::Diastolic => Watched::BloodPressure,
            self::HeartRate => Watched::HeartRate,
            self::Saturation => Watched::Saturation,
            self::Glucose => Watched::Glucose,
            self::Weight => Watched::Weight,
            self::Temperature => Watched::Temperature,
            self::SystolicStanding, self::DiastolicStanding, self::Ketones, self::Fatigue, self::Pain => null,
        };
    }

    /**
     * Plausible values, both ends included: outside lies a fault of the device or of the typing. Wide on purpose: the
     * worst that an emergency brings must be taken, and answered. House estimates.
     */
    public function range(): Range
    {
        return match ($this) {
            self::Systolic, self::SystolicStanding => new Range(40, 300),
            self::Diastolic, self::DiastolicStanding => new Range(20, 200),
            self::HeartRate => new Range(20, 250),
            self::Saturation => new Range(30, 100),
            self::Glucose => new Range(0.3, 60),
            self::Ketones => new Range(0, 20),
            self::Weight => new Range(20, 350),
            self::Temperature => new Range(30, 44),
            self::Fatigue, self::Pain => new Range(0, 10),
        };
    }

    /** "systolic pressure 152 mmHg" */
    public function say(float $value): string
    {
        $number = rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
        $name = str_replace(', 0-10', '', Phrase::within($this->label()));

        return trim("$name $number ".$this->unit());
    }
}
