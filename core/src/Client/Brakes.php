<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What holds the wheels. */
enum Brakes: string implements Labelled
{
    case None = 'none';
    case One = 'one';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::One => 'one side',
            self::Both => 'both sides',
        };
    }
}
