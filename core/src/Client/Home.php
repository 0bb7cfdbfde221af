<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** Who is at home while the client exercises. */
enum Home: string implements Labelled
{
    case Alone = 'alone';
    case SomeoneHome = 'someone_home';
    case Carer = 'carer';

    public function label(): string
    {
        return match ($this) {
            self::Alone => 'alone',
            self::SomeoneHome => 'someone there',
            self::Carer => 'carer',
        };
    }
}
