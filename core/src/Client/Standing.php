<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

enum Standing: string implements Labelled
{
    case None = 'none';
    case Supported = 'supported';
    case Free = 'free';

    public function label(): string
    {
        return match ($this) {
            self::None => 'cannot',
            self::Supported => 'with support',
            self::Free => 'free',
        };
    }

    /** @return list<FunctionPart> what is asked of somebody who stands no better than this */
    public function asks(): array
    {
        return $this === self::Free ? [] : [FunctionPart::Limbs, FunctionPart::Trunk, FunctionPart::Bed];
    }
}
