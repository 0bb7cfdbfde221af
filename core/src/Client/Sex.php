<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** As the norm tables use it; `other` has no norm and is compared with the person's own baseline. */
enum Sex: string implements Labelled
{
    case Female = 'female';
    case Male = 'male';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Female => 'female',
            self::Male => 'male',
            self::Other => 'other',
        };
    }
}
