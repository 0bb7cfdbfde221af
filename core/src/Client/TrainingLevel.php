<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

enum TrainingLevel: string implements Labelled
{
    case New = 'new';
    case Returning = 'returning';
    case Trained = 'trained';

    public function label(): string
    {
        return match ($this) {
            self::New => 'new to it',
            self::Returning => 'returning',
            self::Trained => 'trained',
        };
    }
}
