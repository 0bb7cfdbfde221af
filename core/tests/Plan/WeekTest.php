<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Week;
use BuoyantStep\Core\Vocabulary\Side;

function weekly(string $code, int $sets = 2, Goal $goal = Goal::StrengthOlder): Planned
{
    [$family, $rung] = explode('/', $code);
    $found = Catalogue::standard()->family($family);

    return new Planned($found, $found->rung($rung), $goal, Dose::read(new Bag([
        'sets' => $sets, 'reps' => ['lo' => 8, 'hi' => 10], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 60,
    ])), [Side::Both], []);
}

/** @return list<Planned> two sets for the legs, three of pulling, two of pushing */
function aWeek(): array
{
    return [weekly('seat_rise/no_hands'), weekly('tote_row/hand_chair', 3), weekly('wall_counter_push/counter')];
}

/**
 * @param  list<list<int>>  $light  for each exercise
 * @param  list<list<int>>  $off
 * @return list<OnDays>
 */
function onDays(int $exercises, array $light = [], array $off = []): array
{
    return array_map(
        static fn (int $i): OnDays => new OnDays($light[$i] ?? [], $off[$i] ?? []), range(0, $exercises - 1),
    );
}

it('adds up the sets of a week by region, and pull against push', function (): void {
    $week = new Week(aWeek(), onDays(3), [1, 3, 5], 48);
    expect($week->sets)->toBe(['lower' => 6, 'upper' => 15, 'trunk' => 0])
        ->and([$week->pull, $week->push])->toBe([9, 6])->and($week->findings)->toBe([]);
});

it('asks for so many hours between two sessions of the same muscles, round the end of the week', function (
    array $days, int $hours, array $pairs,
): void {
    $found = (new Week(aWeek(), onDays(3), $days, $hours))->findings;
    expect(count($found))->toBe(count($pairs));
    foreach ($pairs as $i => $pair) {
        expect($found[$i])->toStartWith($pair)->toContain('legs, arms and shoulders');
    }
})->with([
    'two days between' => [[1, 4], 48, []],
    'one day between' => [[1, 3], 48, []],
    'running' => [[1, 2], 48, ['Monday and Tuesday are 24 hours apart; 48']],
    'Sunday and Monday' => [[1, 4, 7], 48, ['Sunday and Monday are 24 hours apart']],
    'once a week' => [[3], 48, []],
    'a limit asks for 72' => [[1, 3, 6], 72, ['Monday and Wednesday are 48 hours apart; 72', 'Saturday and Monday']],
    'every day is allowed' => [[1, 2, 3], 24, []],
]);

it('lets a light day follow a full one, for what is light on it', function (): void {
    $all = onDays(3, [[2], [2], [2]]);
    expect((new Week(aWeek(), $all, [1, 2], 48))->findings)->toBe([]);
    $legs = (new Week(aWeek(), onDays(3, [[2]]), [1, 2], 48))->findings;
    expect($legs)->toHaveCount(1)->and($legs[0])->toContain('(arms and shoulders)');
});

it('counts nothing that does not tire: balance, stretches, warm-ups', function (): void {
    $week = new Week([
        weekly('seat_rise/no_hands', goal: Goal::Balance), weekly('seat_rise/no_hands', goal: Goal::WarmUp),
        weekly('seat_rise/no_hands', goal: Goal::Learn),
    ], onDays(3), [1, 2, 3], 48);
    expect($week->sets['lower'])->toBe(0)->and($week->findings)->toBe([]);
});

it('wants pulling not to fall behind pushing, and more of it from who pushes a wheelchair', function (
    int $pull, int $push, bool $wheels, bool $found,
): void {
    $items = array_filter([
        $pull === 0 ? null : weekly('tote_row/hand_chair', $pull), weekly('wall_counter_push/counter', $push),
    ]);
    $week = new Week(array_values($items), onDays(count($items)), [1, 4], 48, $wheels);
    expect($week->findings !== [])->toBe($found);
})->with([
    [1, 2, false, false], [1, 3, false, true], [0, 2, false, true], [3, 2, true, false], [2, 2, true, true],
]);

it('counts no set of a day on which an exercise is left out', function (): void {
    $split = new Week(aWeek(), onDays(3, [], [[2, 5], [1, 4], [1, 4]]), [1, 2, 4, 5], 48);
    expect($split->sets)->toBe(['lower' => 4, 'upper' => 10, 'trunk' => 0])
        ->and([$split->pull, $split->push])->toBe([6, 4])->and($split->findings)->toBe([])
        ->and(array_column($split->jsonSerialize()['regions'], 'days'))->toBe([
            ['full', '', '', 'full', '', '', ''], ['', 'full', '', '', 'full', '', ''], ['', '', '', '', '', '', ''],
        ]);
});

it('asks for a second day where days that differ leave a muscle group with one', function (): void {
    $found = (new Week(aWeek(), onDays(3, [], [[4], [1], [1]]), [1, 4], 48))->findings;
    expect($found)->toBe([
        'Legs: on Monday only; two or three days a week are asked for.',
        'Arms and shoulders: on Thursday only; two or three days a week are asked for.',
    ]);
});

it('says which of its days hold a treatment as well', function (): void {
    $week = new Week(aWeek(), onDays(3), [2, 5], 48, false, [1, 5]);
    expect($week->findings)->toBe(['Friday has a treatment as well: exercise before it, or choose another day.'])
        ->and((new Week(aWeek(), onDays(3), [2, 5], 48, false, [1, 3]))->findings)->toBe([]);
});
