<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

/** A sentence or a name as it reads inside another sentence. */
final class Phrase
{
    /** A capital that begins no abbreviation (RPE) and no title with a name after it (Dr). */
    private const FIRST = '/^(?!Dr\s)[A-Z](?![A-Z\d])/';

    /** "Hard holds" is "hard holds"; "RPE up to 6", "Dr Amari" and "" stay. */
    public static function within(string $says): string
    {
        return preg_match(self::FIRST, $says) === 1 ? lcfirst($says) : $says;
    }
}
