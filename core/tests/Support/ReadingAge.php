<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Support;

/**
 * How easy words are. The Flesch-Kincaid grade (Flesch 1948; Kincaid 1975): 6 or less suits a reader of twelve.
 */
final class ReadingAge
{
    public static function syllables(string $word): int
    {
        $word = (string) preg_replace('/(?:[^laeiouy]es|[^td]ed|[^l]e)$/', '', mb_strtolower($word));

        return max(1, (int) preg_match_all('/[aeiouy]+/', $word));
    }

    /** @param  list<string>  $texts  each ends a sentence */
    public static function grade(array $texts): float
    {
        $sentences = $words = $syllables = 0;
        foreach ($texts as $text) {
            $sentences += max(1, (int) preg_match_all('/[^.!?:;]+/', $text));
            preg_match_all("/[a-z']+/i", $text, $found);
            $words += count($found[0]);
            $syllables += array_sum(array_map(self::syllables(...), $found[0]));
        }

        return 0.39 * $words / max(1, $sentences) + 11.8 * $syllables / max(1, $words) - 15.59;
    }
}
