<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Vocabulary\Labelled;

/** The form of a band. */
enum BandForm: string implements Labelled
{
    case Flat = 'flat';
    case Tube = 'tube';
    case Loop = 'loop';

    public function label(): string
    {
        return match ($this) {
            self::Flat => 'flat band',
            self::Tube => 'tube with handles',
            self::Loop => 'loop, measured flat',
        };
    }
}
