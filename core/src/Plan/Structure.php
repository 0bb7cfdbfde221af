<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Vocabulary\Labelled;

/** How the sets of a session follow each other. */
enum Structure: string implements Labelled
{
    case Circuit = 'circuit';
    case Pairs = 'pairs';
    case Straight = 'straight';
    case Pieces = 'pieces';

    public function label(): string
    {
        return match ($this) {
            self::Circuit => 'circuit',
            self::Pairs => 'pairs',
            self::Straight => 'straight sets',
            self::Pieces => 'short pieces over the day',
        };
    }
}
