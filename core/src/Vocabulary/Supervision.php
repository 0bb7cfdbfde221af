<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** Who has to be there; from free to tight. */
enum Supervision: string implements Scale
{
    use InOrder;

    case Alone = 'alone';
    case SomeoneHome = 'someone_home';
    case ClinicianPresent = 'clinician_present';

    public function label(): string
    {
        return match ($this) {
            self::Alone => 'alone',
            self::SomeoneHome => 'someone at home',
            self::ClinicianPresent => 'clinician present',
        };
    }

    public function code(): string
    {
        return $this->value;
    }
}
