<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What a load is counted for: one hand of two, or all of it. */
enum Per: string
{
    case Hand = 'hand';
    case Total = 'total';

    /** How many of it are lifted. */
    public function count(): int
    {
        return $this === self::Hand ? 2 : 1;
    }
}
