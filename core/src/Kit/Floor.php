<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Vocabulary\Labelled;

/** The floor where a client exercises. */
enum Floor: string implements Labelled
{
    case Carpet = 'carpet';
    case Wood = 'wood';
    case Smooth = 'smooth';

    public function label(): string
    {
        return match ($this) {
            self::Carpet => 'carpet',
            self::Wood => 'wood, not slippery',
            self::Smooth => 'smooth',
        };
    }
}
