<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Tempo;
use BuoyantStep\Core\Vocabulary\Watch;

/** The words of the sheet beside those of the catalogue, in the language that the clinic prints in. */
final class SheetWords
{
    /** @param  array<string, int|string>  $with */
    public static function says(string $key, array $with = []): string
    {
        $words = __('sheet.'.$key, $with);

        return is_string($words) ? $words : '';
    }

    /**
     * "Monday and Thursday".
     *
     * @param  list<int>  $days  1 Monday to 7 Sunday
     */
    public static function days(array $days): string
    {
        $names = array_map(static fn (int $d): string => self::says('weekday.'.$d), $days);
        $last = array_pop($names);

        return implode(self::says('and'), array_filter([implode(', ', $names), (string) $last]));
    }

    /**
     * What the core says in a few fixed words, as the language file has it (lang/en.json): whole, or with its numbers
     * as :n1, :n2. What stands in no file is said as it is.
     */
    public static function fixed(string $words): string
    {
        if (preg_match('/^(Left|Right): (.+)$/', $words, $part) === 1) {
            return self::looked($part[1]).': '.Phrase::within(self::fixed(ucfirst($part[2])));
        }
        $said = self::looked($words);
        if ($said !== $words) {
            return $said;
        }
        $numbers = [];
        $count = static function (array $found) use (&$numbers): string {
            $numbers['n'.(count($numbers) + 1)] = $found[0];

            return ':n'.count($numbers);
        };
        $key = (string) preg_replace_callback('/\d+(?:\.\d+)?/', $count, $words);
        $said = self::looked($key, $numbers);

        return str_contains($said, ':n') ? $words : $said;
    }

    /** @param  array<string, string>  $with */
    private static function looked(string $words, array $with = []): string
    {
        $said = $words === '' ? '' : __($words, $with);

        return is_string($said) ? $said : $words;
    }

    /** How much, or with what load: its numbers as they are, the words between them by the language file. */
    public static function amount(string $says): string
    {
        return (string) preg_replace_callback(
            '/\b(in each hand|a pull of|left|right|steps?|trips?|min|s|m)\b/',
            static fn (array $word): string => self::says('amount.'.$word[1]), $says,
        );
    }

    /**
     * How a load is made or a band set up: the things by their own names, the words between them by the language file.
     */
    public static function recipe(string $says): string
    {
        $sentences = preg_split('/(?<=\.) (?=\p{Lu})/u', rtrim($says, '.').'.') ?: [];
        $made = implode(' ', array_map(self::sentence(...), $sentences));

        return rtrim(strtr($made, [
            ' with ' => self::says('recipe.with'), ', empty' => self::says('recipe.empty'),
            'left: ' => self::says('amount.left').': ', 'right: ' => self::says('amount.right').': ',
        ]), '.');
    }

    private static function sentence(string $says): string
    {
        // A band that goes by feel is named before what is said of it.
        return preg_match('/^(.+, )(by feel: .+)$/u', $says, $part) === 1
            ? $part[1].self::fixed($part[2]) : self::fixed($says);
    }

    /** How fast, part by part. */
    public static function tempo(string $tempo): string
    {
        $parts = $tempo === '' ? [] : explode(', ', Tempo::read($tempo)->says());

        return $parts === [] ? '' : self::says('each_time', [
            'tempo' => implode(', ', array_map(self::fixed(...), $parts)),
        ]);
    }

    /** A watch as something to do; one that nobody has put into words is named. */
    public static function watch(Watch $watch): string
    {
        $key = 'watch.'.$watch->code();
        $says = self::says($key);

        return $says === 'sheet.'.$key ? ucfirst($watch->what->asked()).'.' : $says;
    }

    public static function sign(Sign $sign): string
    {
        return self::says('sign.'.$sign->value);
    }

    /** @return array<string, string> the headings that the page prints itself */
    public static function headings(): array
    {
        $keys = [
            'before', 'during', 'after', 'how_hard', 'set_up', 'for_you', 'picture', 'touch', 'later', 'feel',
            'watch_for', 'too_hard', 'too_easy', 'clinic', 'done', 'felt', 'times', 'stop', 'refer', 'not_today',
        ];

        return [
            ...array_combine($keys, array_map(static fn (string $k): string => self::says($k), $keys)),
            'pain' => self::says('pain.title'),
        ];
    }
}
