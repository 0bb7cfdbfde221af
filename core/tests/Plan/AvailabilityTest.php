<?php

declare(strict_types=1);

use BuoyantStep\Core\Plan\Availability;
use BuoyantStep\Core\Units\Day;

// 2026-11-30 is a Monday.
it('finds the days on which a session has room, in each of four weeks', function (
    array $busy, int $minutes, array $days,
): void {
    expect(Availability::days($busy, Day::of('2026-11-30'), $minutes))->toBe($days);
})->with([
    'nothing taken' => [[], 30, [1, 2, 3, 4, 5, 6, 7]],
    'all of one Tuesday' => [['2026-12-08' => [[0, 1440]]], 30, [1, 3, 4, 5, 6, 7]],
    'work from nine to five leaves the evening' => [['2026-12-01' => [[540, 1020]]], 30, [1, 2, 3, 4, 5, 6, 7]],
    'twenty-nine minutes at most' => [['2026-12-01' => [[480, 1171]]], 30, [1, 3, 4, 5, 6, 7]],
    'thirty to the minute' => [['2026-12-01' => [[480, 1170]]], 30, [1, 2, 3, 4, 5, 6, 7]],
    'in the morning to the minute' => [['2026-12-01' => [[510, 1200]]], 30, [1, 2, 3, 4, 5, 6, 7]],
    'two that overlap' => [['2026-12-01' => [[600, 1000], [480, 1180]]], 30, [1, 3, 4, 5, 6, 7]],
    'the night is nobody\'s' => [['2026-12-01' => [[480, 1200]]], 30, [1, 3, 4, 5, 6, 7]],
    'a longer session' => [['2026-12-01' => [[540, 1140]]], 61, [1, 3, 4, 5, 6, 7]],
    'the last day that is looked at' => [['2026-12-27' => [[0, 1440]]], 30, [1, 2, 3, 4, 5, 6]],
    'the day after it' => [['2026-12-28' => [[0, 1440]]], 30, [1, 2, 3, 4, 5, 6, 7]],
]);
