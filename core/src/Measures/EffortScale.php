<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

/** Effort from 0 to 10 and what it leaves. Upper part after Zourdos 2016; the 6-20 reading is a house convention. */
final class EffortScale
{
    /** @var array<int, int> 6-20 scale to 0-10 */
    private const FROM_6_20 = [
        6 => 0, 7 => 1, 8 => 1, 9 => 2, 10 => 3, 11 => 4, 12 => 5, 13 => 6, 14 => 7, 15 => 7, 16 => 8, 17 => 8, 18 => 9,
        19 => 10, 20 => 10,
    ];

    /** Reps in reserve for the arithmetic: 10 - effort, meant for efforts 5 to 10. */
    public static function reserve(int $effort): int
    {
        return max(0, 10 - $effort);
    }

    public static function from620(int $rating): ?int
    {
        return self::FROM_6_20[$rating] ?? null;
    }

    public static function says(int $effort): string
    {
        return match (true) {
            $effort >= 10 => 'nothing left',
            $effort === 9 => 'one rep left',
            $effort >= 5 => sprintf('about %d reps left', self::reserve($effort)),
            $effort >= 3 => 'light',
            default => 'very light',
        };
    }
}
