<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Days\DayGroup;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Days\WeekShape;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\OpenPlan;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Week;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Side;

/** @param  array<string, Goal>  $of  rung to its goal */
function asTimed(array $of): array
{
    return array_map(static function (string $code, Goal $goal): Timed {
        [$family, $rung] = explode('/', $code);
        $found = Catalogue::standard()->family($family);

        return Timed::planned(new Planned($found, $found->rung($rung), $goal, Dose::read(new Bag([
            'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 10], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 60,
        ])), [Side::Both], []));
    }, array_keys($of), array_values($of));
}

/** Legs, pull, trunk, and a stance that tires nobody. */
function wholeBody(): array
{
    return asTimed([
        'seat_rise/no_hands' => Goal::StrengthOlder, 'tote_row/hand_chair' => Goal::StrengthOlder,
        'dead_bug/arms' => Goal::StrengthOlder, 'stance_balance/together' => Goal::Balance,
    ]);
}

it('shares a week out as it is asked to', function (WeekShape $week, array $days, array $light, array $off): void {
    $on = $week->share(wholeBody(), $days);
    expect(array_map(static fn (OnDays $o): array => $o->light, $on))->toBe($light)
        ->and(array_map(static fn (OnDays $o): array => $o->off, $on))->toBe($off);
})->with([
    'the same' => [WeekShape::Same, [1, 3, 5], [[], [], [], []], [[], [], [], []]],
    'by hand' => [WeekShape::Own, [1, 3, 5], [[], [], [], []], [[], [], [], []]],
    'every second one light' => [WeekShape::HeavyLight, [1, 3, 5], [[3], [3], [3], []], [[], [], [], []]],
    'legs, then the rest' => [WeekShape::Split, [1, 2, 4, 5], [[], [], [], []], [[2, 5], [1, 4], [1, 4], []]],
    'in their order, however they come' => [
        WeekShape::Split, [5, 1, 4, 2], [[], [], [], []], [[2, 5], [1, 4], [1, 4], []],
    ],
    'one day has no second' => [WeekShape::Split, [3], [[], [], [], []], [[], [], [], []]],
    'one day is never light' => [WeekShape::HeavyLight, [3], [[], [], [], []], [[], [], [], []]],
]);

it('leaves no day empty: without work for both halves every day stays the same', function (): void {
    $arms = asTimed(['tote_row/hand_chair' => Goal::StrengthOlder, 'curl/one_arm' => Goal::StrengthOlder]);
    foreach (WeekShape::Split->share($arms, [1, 2]) as $on) {
        expect($on->off)->toBe([]);
    }
    expect(WeekShape::canSplit($arms, [1, 2]))->toBeFalse()
        ->and(WeekShape::canSplit(wholeBody(), [1, 2]))->toBeTrue()
        ->and(WeekShape::canSplit(wholeBody(), [1]))->toBeFalse();
});

it('keeps to the days of the plan, one list a day, one day at least whole', function (
    array $light, array $off, array $kept,
): void {
    $on = (new OnDays($light, $off))->within([1, 3, 5]);
    expect([$on->light, $on->off])->toBe($kept);
})->with([
    [[3], [5], [[3], [5]]], [[2, 3], [7], [[3], []]], [[3], [3], [[], [3]]], [[1, 3], [5], [[], []]],
    [[], [1, 3, 5], [[], []]], [[5, 3], [], [[3, 5], []]],
]);

it('groups the days that hold the same', function (): void {
    $groups = DayGroup::all([new OnDays(off: [2, 5]), new OnDays(off: [1, 4]), new OnDays(light: [2])], [1, 2, 4, 5]);
    expect(array_map(static fn (DayGroup $g): array => [$g->days, $g->places], $groups))
        ->toBe([[[1, 4], [0, 2]], [[2, 5], [1, 2]]])
        ->and($groups[1]->of(['a', 'b', 'c']))->toBe(['b', 'c']);
    expect(array_map(static fn (DayGroup $g): array => $g->days, DayGroup::all([new OnDays], [3, 1])))->toBe([[1, 3]])
        ->and(array_map(static fn (DayGroup $g): array => $g->places, DayGroup::all([new OnDays], [])))->toBe([[0]]);
});

it('splits a week so that each half has two days, each within its minutes, for hundreds of clients', function (): void {
    $made = new Made(91);
    $split = $fuller = 0;
    for ($n = 0; $n < 200; $n++) {
        $situation = Made::situation(
            Profile::read(new Bag($made->randomForm())), $made->randomMeasures(), Made::kitchen(),
        );
        $minutes = $made->one([20, 30, 45]);
        $same = (new Drafter($situation))->draft(new Wishes(days: [1, 2, 4, 5], minutes: $minutes));
        $wishes = new Wishes(days: [1, 2, 4, 5], minutes: $minutes, shape: new Shape(week: WeekShape::Split));
        $draft = (new Drafter($situation))->draft($wishes);
        expect($draft->on)->toHaveCount(count($draft->items));
        $over = array_filter($draft->trims, static fn (string $t): bool => str_starts_with($t, 'Still '));
        expect($draft->seconds <= $minutes * 60 || $over !== [])->toBeTrue();
        $isSplit = ! in_array(Drafter::UNSPLIT, $draft->trims, true);
        $planned = [];
        foreach ($draft->items as $i => $item) {
            $on = $draft->on[$i];
            expect(count($on->off))->toBeIn([0, 2])->and($on->light)->toBe([])
                ->and($item->dose->daysAWeek)->toBe(4 - count($on->off));
            $planned[] = new Planned(
                $item->family, $item->rung, $item->goal, $item->dose, $item->sides, $item->changes,
            );
        }
        $split += $isSplit ? 1 : 0;
        $fuller += count($draft->items) > count($same->items) ? 1 : 0;
        $week = new Week($planned, $draft->on, [1, 2, 4, 5], 48);
        if ($isSplit) {
            // What works both halves at once alone may still ask for a look.
            $whole = array_filter(
                $planned, static fn (Planned $p): bool => Timed::planned($p)->tires() === Region::Whole,
            );
            $found = array_filter($week->findings, static fn (string $f): bool => str_contains($f, 'hours apart'));
            expect($found === [] || $whole !== [])->toBeTrue();
        }
    }
    expect($split)->toBeGreaterThan(75)->and($fuller)->toBeGreaterThan(25);
});

it('writes the days of each exercise in the open format, and reads them again', function (): void {
    $wishes = new Wishes(days: [1, 2, 4, 5], minutes: 45, shape: new Shape(week: WeekShape::Split));
    $situation = Made::situation(Made::client(), Made::measures([
        ['test' => 'chair_stand_30s', 'value' => 14],
    ]), Made::kitchen());
    $draft = (new Drafter($situation))->draft($wishes);
    $plan = OpenPlan::of($draft, $wishes, $situation->on);
    $json = (string) json_encode($plan);
    expect($json)->toContain('"week":"split"')->toContain('"off_days":[1,4]')->toContain('"off_days":[2,5]')
        ->and((string) json_encode(OpenPlan::read(Bag::decode($json), Catalogue::standard())))->toBe($json);
});
