<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Vocabulary\Labelled;

/** Where along the way of a band a wanted pull is meant. */
enum PullAt: string implements Labelled
{
    case Mean = 'mean';
    case End = 'end';

    public function label(): string
    {
        return match ($this) {
            self::Mean => 'the whole way',
            self::End => 'the end',
        };
    }
}
