<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

enum BirthKind: string implements Labelled
{
    case Vaginal = 'vaginal';
    case Caesarean = 'caesarean';

    public function label(): string
    {
        return match ($this) {
            self::Vaginal => 'vaginal',
            self::Caesarean => 'caesarean',
        };
    }
}
