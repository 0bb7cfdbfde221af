<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What a door does when a band in it is pulled. */
enum Door: string implements Labelled
{
    case Towards = 'towards';
    case Away = 'away';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Towards => 'closes tighter',
            self::Away => 'would open',
            self::None => 'no door',
        };
    }
}
