<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Vocabulary\Labelled;

/** How the sets of a session follow each other. */
enum Structure: string implements Labelled
{
    case Circuit = 'circuit';
    case Straight = 'straight';

    public function label(): string
    {
        return match ($this) {
            self::Circuit => 'circuit',
            self::Straight => 'straight sets',
        };
    }
}
