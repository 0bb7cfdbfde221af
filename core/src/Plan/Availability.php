<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Units\Day;

/**
 * On which days of the week a session finds room, by what is taken already: in each of the weeks looked at there is one
 * free stretch between morning and evening that is long enough. House convention for the hours and the weeks.
 */
final class Availability
{
    /** Minutes of the day between which somebody exercises: eight in the morning, eight in the evening. */
    public const FROM_MIN = 480;

    public const UNTIL_MIN = 1200;

    public const WEEKS = 4;

    /**
     * @param  array<string, list<array{int, int}>>  $busy  day as written to what is taken, minutes of that day
     * @param  Day  $from  the first day that is looked at
     * @param  int  $minutes  that a session takes
     * @return list<int> 1 Monday to 7 Sunday
     */
    public static function days(array $busy, Day $from, int $minutes): array
    {
        $possible = array_fill(1, 7, true);
        for ($ahead = 0; $ahead < 7 * self::WEEKS; $ahead++) {
            $day = $from->plus($ahead);
            if (self::longestFree($busy[(string) $day] ?? []) < $minutes) {
                $possible[$day->weekday()] = false;
            }
        }

        return array_keys(array_filter($possible));
    }

    /** @param  list<array{int, int}>  $busy */
    private static function longestFree(array $busy): int
    {
        usort($busy, static fn (array $a, array $b): int => $a <=> $b);
        $longest = 0;
        $free = self::FROM_MIN;
        foreach ([...$busy, [self::UNTIL_MIN, self::UNTIL_MIN]] as [$start, $end]) {
            $longest = max($longest, min($start, self::UNTIL_MIN) - $free);
            $free = max($free, $end);
        }

        return $longest;
    }
}
