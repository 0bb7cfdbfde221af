<?php

declare(strict_types=1);

use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Progress\OverTime\ExerciseOverTime;
use BuoyantStep\Core\Progress\OverTime\Span;
use BuoyantStep\Core\Units\Day;

/* What the charts draw, worked out by hand. Estimates: Brzycki up to ten reps possible, Epley from there to fifteen. */

function overTime(array $sessions, SystemLoad $system = new SystemLoad): array
{
    return ExerciseOverTime::of(
        array_map(static fn (array $s): Performed => Performed::read(new Bag($s)), $sessions), $system,
    );
}

it('makes one point a session and side, the oldest first', function (): void {
    $points = overTime([
        ['date' => '2026-11-20', 'sets' => [
            ['reps' => 10, 'load_g' => 4000, 'effort' => 7, 'side' => 'left'],
            ['reps' => 8, 'load_g' => 5000, 'effort' => 8, 'side' => 'right'],
            ['reps' => 12, 'load_g' => 3000, 'effort' => 6, 'side' => 'left'],
        ], 'pain' => ['during' => 2]],
        ['date' => '2026-11-17', 'sets' => [['reps' => 9, 'load_g' => 4000, 'effort' => 7]]],
        ['date' => '2026-11-19', 'sets' => [], 'skipped' => 'away'],
    ]);
    expect(array_map(static fn ($p): array => [(string) $p->on, $p->side->value], $points))->toBe([
        ['2026-11-17', 'both'], ['2026-11-20', 'left'], ['2026-11-20', 'right'],
    ]);
    [, $left] = $points;
    expect([$left->sets, $left->best, $left->total, $left->loadG, $left->liftedG, $left->pain])
        ->toBe([2, 12, 22, 4000, 4000, 2])
        // 10 × 4 kg and 12 × 3 kg.
        ->and($left->movedKg)->toBe(76.0)->and($left->effort)->toBe(6.5)
        // 10 reps with 3 left at 4 kg: 4 (1 + 13/30) = 5.73 kg; 12 with 4 left at 3 kg: 4.6 kg. The better counts.
        ->and($left->max['grams'])->toBe(5733);
});

it('has no load, no volume and no estimate where nothing was lifted', function (): void {
    [$point] = overTime([
        ['date' => '2026-11-20', 'sets' => [['hold' => 20, 'effort' => 6], ['hold' => 25, 'effort' => 7]]],
    ]);
    expect([$point->loadG, $point->liftedG, $point->movedKg, $point->max, $point->total])->toBe([
        null,
        null,
        null,
        null,
        45,
    ]);
});

it('counts the body with what is held, and by itself', function (): void {
    $rise = new SystemLoad(60_000, 0.9);
    [$free, $held] = overTime([
        ['date' => '2026-11-17', 'sets' => [['reps' => 10, 'effort' => 7]]],
        ['date' => '2026-11-20', 'sets' => [
            ['reps' => 10, 'load_g' => 4000, 'effort' => 7], ['reps' => 10, 'effort' => 7],
        ]],
    ], $rise);
    expect([$free->loadG, $free->liftedG, $free->movedKg])->toBe([null, (int) round($rise->with(null)), null])
        ->and([$held->loadG, $held->liftedG, $held->movedKg])->toBe([4000, (int) round($rise->with(4000)), 40.0]);
});

it('sums up some weeks, both ends counted', function (): void {
    $session = static fn (string $on, int $reps, int $g, float $effort, int $pain): array => [
        'date' => $on,
        'sets' => [['reps' => $reps, 'load_g' => $g, 'effort' => $effort]],
        'pain' => ['during' => $pain],
    ];
    $points = overTime([
        $session('2026-10-31', 15, 9000, 9, 6), $session('2026-11-01', 12, 4000, 6, 1),
        $session('2026-11-15', 8, 5000, 8, 3), $session('2026-11-30', 9, 4500, 7, 2),
        $session('2026-12-01', 15, 9000, 9, 6),
    ]);
    $span = Span::of($points, Day::of('2026-11-01'), Day::of('2026-11-30'));
    expect([$span->sessions, $span->loadG, $span->best, $span->pain, $span->effort])->toBe([3, 5000, 12, 3, 7.0])
        // 8 with 2 left at 5 kg: 36 × 5 / 27 = 6.67 kg; 12 with 4 left at 4 kg: 6.13; 9 with 3 left at 4.5 kg: 6.3.
        ->and($span->maxG)->toBe(6667);
    $none = Span::of($points, Day::of('2026-12-02'), Day::of('2026-12-30'));
    expect([$none->sessions, $none->loadG, $none->best, $none->maxG, $none->effort, $none->pain])
        ->toBe([0, null, null, null, null, null]);
});

it('counts a day once, however many sides there are', function (): void {
    $points = overTime([['date' => '2026-11-20', 'sets' => [
        ['reps' => 10, 'effort' => 6, 'side' => 'left'], ['reps' => 10, 'effort' => 6, 'side' => 'right'],
    ]]]);
    expect(Span::of($points, Day::of('2026-11-20'), Day::of('2026-11-20'))->sessions)->toBe(1);
});
