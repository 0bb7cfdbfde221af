<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What is looked at or measured around a session. */
enum Watched: string
{
    case BloodPressure = 'bp';
    case HeartRate = 'hr';
    case Saturation = 'spo2';
    case Glucose = 'glucose';
    case Weight = 'weight';
    case Temperature = 'temperature';
    case Skin = 'skin';
    case LimbGirth = 'limb_girth';
    case PelvicFloor = 'pelvic_floor';
    case Dysreflexia = 'dysreflexia';

    public function label(): string
    {
        return match ($this) {
            self::BloodPressure => 'blood pressure',
            self::HeartRate => 'heart rate',
            self::Saturation => 'saturation',
            self::Glucose => 'glucose',
            self::Weight => 'weight',
            self::Temperature => 'temperature',
            self::Skin => 'skin',
            self::LimbGirth => 'limb girth',
            self::PelvicFloor => 'pelvic floor',
            self::Dysreflexia => 'dysreflexia',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    /** As the check before a session asks for it. */
    public function asked(): string
    {
        return match ($this) {
            self::Skin => 'a look at the skin',
            self::LimbGirth => 'the girth of the limb',
            default => $this->label(),
        };
    }
}
