<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What one limb can do by itself. */
enum LimbUse: string implements Labelled
{
    case None = 'none';
    case Weak = 'weak';
    case Full = 'full';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Weak => 'weak',
            self::Full => 'full',
        };
    }
}
