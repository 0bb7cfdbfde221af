<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** How much teaching can be taken in. */
enum Cognition: string implements Labelled
{
    case Full = 'full';
    case NeedsSimple = 'needs_simple';

    public function label(): string
    {
        return match ($this) {
            self::Full => 'full',
            self::NeedsSimple => 'simple steps',
        };
    }
}
