<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** Down and up again: to the floor, or into bed. */
enum FloorTransfer: string implements Labelled
{
    case None = 'none';
    case Helped = 'helped';
    case Alone = 'alone';

    public function label(): string
    {
        return match ($this) {
            self::None => 'cannot',
            self::Helped => 'with help',
            self::Alone => 'alone',
        };
    }
}
