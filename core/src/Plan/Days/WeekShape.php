<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Days;

use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Vocabulary\Labelled;
use BuoyantStep\Core\Vocabulary\Region;

/** What the days of a week hold. Source: practice; the same each day in a first block, heavy and light after it. */
enum WeekShape: string implements Labelled
{
    case Same = 'same';
    case HeavyLight = 'heavy_light';
    case Split = 'split';
    case Own = 'own';

    public function label(): string
    {
        return match ($this) {
            self::Same => 'the same each day',
            self::HeavyLight => 'a heavy day, then a light one',
            self::Split => 'legs one day, arms and trunk the next',
            self::Own => 'set for each exercise by hand',
        };
    }

    /**
     * What is done on which days. Only what tires is shared out: balance, stretches and warm-ups stay on every day.
     * Where there is work for one half of the body only, or a single day, every day stays the same: none is left empty.
     *
     * @param  list<Timed>  $items
     * @param  list<int>  $days  of the plan, 1 Monday to 7 Sunday
     * @return list<OnDays> as many as there are exercises
     */
    public function share(array $items, array $days): array
    {
        sort($days);
        $first = self::everySecond($days, 0);
        $second = self::everySecond($days, 1);
        $legs = array_map(self::isForLegs(...), $items);
        $canSplit = in_array(true, $legs, true) && in_array(false, $legs, true);

        return array_map(fn (?bool $forLegs): OnDays => match (true) {
            $forLegs === null, $this === self::Same, $this === self::Own, $second === [] => new OnDays,
            $this === self::HeavyLight => new OnDays(light: $second),
            ! $canSplit => new OnDays,
            default => new OnDays(off: $forLegs ? $second : $first),
        }, $legs);
    }

    /**
     * Is there work for both halves of the body, and a day for each?
     *
     * @param  list<Timed>  $items
     * @param  list<int>  $days  of the plan, 1 Monday to 7 Sunday
     */
    public static function canSplit(array $items, array $days): bool
    {
        return array_filter(
            self::Split->share($items, $days), static fn (OnDays $on): bool => $on->off !== [],
        ) !== [];
    }

    /** Legs, or the whole body, on the first of two days; null for what does not tire. */
    private static function isForLegs(Timed $item): ?bool
    {
        return match ($item->tires()) {
            null => null,
            Region::Lower, Region::Whole => true,
            default => false,
        };
    }

    /**
     * @param  list<int>  $days
     * @param  0|1  $from
     * @return list<int>
     */
    private static function everySecond(array $days, int $from): array
    {
        return array_values(array_filter($days, static fn (int $at): bool => $at % 2 === $from, ARRAY_FILTER_USE_KEY));
    }
}
