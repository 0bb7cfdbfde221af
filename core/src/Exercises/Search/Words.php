<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Search;

/** How a text becomes words that can be compared: no case, accents, hyphens or plurals. */
final class Words
{
    /** Words that say nothing about a movement; they count only where nothing else is typed. */
    private const IDLE = [
        'a', 'an', 'and', 'at', 'do', 'exercise', 'for', 'from', 'in', 'machine', 'movement', 'my', 'of', 'off',
        'on', 'or',
        'pain', 'painful', 'sore', 'strengthen', 'the', 'to', 'using', 'with', 'work', 'workout', 'your',
    ];

    /** @var array<string, true>|null their stems */
    private static ?array $idle = null;

    private const IRREGULAR = [
        'calves' => 'calf', 'feet' => 'foot', 'shelves' => 'shelf', 'lying' => 'ly',
        'hamstring' => 'hamstring', 'hamstrings' => 'hamstring',
    ];

    /** @return list<string> stems in their order */
    public static function of(string $text): array
    {
        $plain = mb_strtolower(
            strtr($text, ['é' => 'e', 'è' => 'e', 'ö' => 'o', 'ü' => 'u', "'" => '', '’' => '']),
        );
        $parts = preg_split('/[^a-z0-9]+/', $plain, -1, PREG_SPLIT_NO_EMPTY);

        return array_map(self::stem(...), $parts === false ? [] : $parts);
    }

    /**
     * The words that matter.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    public static function telling(array $words): array
    {
        self::$idle ??= array_fill_keys(array_map(self::stem(...), self::IDLE), true);
        $telling = array_values(array_filter($words, static fn (string $w): bool => ! isset(self::$idle[$w])));

        return $telling === [] ? $words : $telling;
    }

    /** "lunges", "lunging" and "lunge" are one word, "calves" and "calf" as well. */
    public static function stem(string $word): string
    {
        if (isset(self::IRREGULAR[$word])) {
            return self::IRREGULAR[$word];
        }
        $stem = $word;
        foreach (['/ies$/' => 'y', '/(s|x|z|ch|sh)es$/' => '$1', '/([^su])s$/' => '$1'] as $plural => $one) {
            $stem = (string) preg_replace($plural, $one, $word);
            if ($stem !== $word) {
                break;
            }
        }
        $stem = (string) preg_replace(['/([a-z]{3,})ing$/', '/([a-z]{3,}[^e])ed$/'], '$1', $stem);
        // "running" ends in one n, "lunge" like "lung".
        $stem = (string) preg_replace('/([bdgmnprt])\1$/', '$1', $stem);

        return strlen($stem) > 3 ? (string) preg_replace('/(?<=[a-z]{3})e$/', '', $stem) : $stem;
    }

    /** Are the two one slip of the finger apart: a letter more, less, other, or two that changed places? */
    public static function isSlip(string $typed, string $meant): bool
    {
        if (min(strlen($typed), strlen($meant)) < 4 || abs(strlen($typed) - strlen($meant)) > 1) {
            return false;
        }
        if (levenshtein($typed, $meant) === 1) {
            return true;
        }
        if (strlen($typed) !== strlen($meant)) {
            return false;
        }
        $at = strspn($typed ^ $meant, "\0");

        return substr($typed, $at, 2) === strrev(substr($meant, $at, 2))
            && substr($typed, $at + 2) === substr($meant, $at + 2);
    }
}
