<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What has to be on record before exercise; from free to tight. */
enum Clearance: string implements Scale
{
    use InOrder;

    case None = 'none';
    case Advised = 'advised';
    /** Only unloaded work at RPE 3 until it is recorded. */
    case RequiredForLoad = 'required_for_load';
    case Required = 'required';
    case Withheld = 'withheld';

    public function label(): string
    {
        return match ($this) {
            self::None => 'no clearance asked for',
            self::Advised => 'clearance advised',
            self::RequiredForLoad => 'clearance required before anything is loaded',
            self::Required => 'clearance required before a plan is issued',
            self::Withheld => 'no exercise: absolute contraindication',
        };
    }

    public function code(): string
    {
        return $this->value;
    }
}
