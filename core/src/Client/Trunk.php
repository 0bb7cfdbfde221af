<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** How well somebody sits upright. */
enum Trunk: string implements Labelled
{
    case None = 'none';
    case Poor = 'poor';
    case Fair = 'fair';
    case Full = 'full';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Poor => 'poor',
            self::Fair => 'fair',
            self::Full => 'full',
        };
    }
}
