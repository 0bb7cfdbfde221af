<?php

declare(strict_types=1);

namespace App\Http\AtHome\Resources;

use BuoyantStep\Core\Home\GateRow;
use BuoyantStep\Core\Vocabulary\Urgency;
use Illuminate\Support\Arr;

/** The words of the page at home, in the language of the clinic's clients. */
final class HomeWords
{
    /** @param  array<string, int|string>  $with */
    public static function says(string $key, array $with = []): string
    {
        $words = __('home.'.$key, $with);

        return is_string($words) ? $words : '';
    }

    /** @return array<string, string> all of them by their keys, for a page that puts them together itself */
    public static function all(): array
    {
        $words = __('home');

        $all = [];
        foreach (Arr::dot(is_array($words) ? Arr::except($words, ['gate']) : []) as $key => $says) {
            $all[(string) $key] = is_string($says) ? $says : '';
        }

        return $all;
    }

    /** What a row of the check before a session says to the client. */
    public static function gate(GateRow $row): string
    {
        $words = __('home.gate');
        $rule = is_array($words) ? ($words[$row->rule] ?? null) : null;
        if (! is_array($rule)) {
            // A limit of the client's own, or of a condition, that withholds exercise.
            $rule = is_array($words) && is_array($words['withheld'] ?? null) ? $words['withheld'] : [];
        }
        $says = $rule[$row->verdict->value] ?? $rule[self::urgency($row)] ?? null;

        return is_string($says) ? $says : '';
    }

    /** Whom a red flag is for: told by what is to be done about it. */
    public static function urgency(GateRow $row): string
    {
        return ($row->do === Urgency::Refer->does() ? Urgency::Refer : Urgency::CallNow)->value;
    }
}
