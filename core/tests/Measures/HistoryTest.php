<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Measures\Change;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Symmetry;
use BuoyantStep\Core\Measures\Tests\Grip;
use BuoyantStep\Core\Measures\Tests\OneLegStand;
use BuoyantStep\Core\Measures\Tests\Tandem;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Side;

/** @param  array<string, list<float|null>>  $bySide  the one-leg stand of each side, oldest first; null: not tested */
function stands(array $bySide): MeasureSet
{
    $rows = [];
    foreach ($bySide as $side => $values) {
        foreach ($values as $value) {
            $rows[] = [
                'test' => 'one_leg_stand',
                'side' => $side,
                ...($value === null ? ['not_tested' => 'dizzy'] : ['value' => $value]),
            ];
        }
    }

    return Made::measures($rows);
}

it('takes the latest result, of a side when one is asked for', function (): void {
    $set = stands(['left' => [4, 6], 'right' => [9, 8]]);
    expect($set->latest(new OneLegStand, Side::Left)?->value)->toBe(6.0)
        ->and($set->latest(new OneLegStand, Side::Right)?->value)->toBe(8.0)
        ->and($set->latest(new OneLegStand)?->value)->toBe(8.0)
        ->and($set->latest(new Grip))->toBeNull();
});

it('takes the weaker side for a test with sides, and nothing while a side is missing', function (
    array $bySide, ?float $value,
): void {
    expect(stands($bySide)->value(new OneLegStand))->toBe($value);
})->with([
    'left weaker' => [['left' => [4], 'right' => [9]], 4.0],
    'right weaker' => [['left' => [9], 'right' => [4]], 4.0],
    'the latest of each' => [['left' => [9, 5], 'right' => [4, 7]], 5.0],
    'only one side' => [['left' => [9]], null],
    'the other not tested' => [['left' => [9], 'right' => [null]], null],
    'tested before, refused now' => [['left' => [9], 'right' => [4, null]], null],
]);

it('takes the value itself for a test without sides', function (): void {
    $set = Made::measures([['test' => 'tandem_stand', 'value' => 8], ['test' => 'tandem_stand', 'value' => 10]]);
    expect($set->value(new Tandem))->toBe(10.0);
});

it('compares the last two results of the same side, over what was not tested', function (
    array $bySide, Side $side, ?float $by,
): void {
    expect(stands($bySide)->change(new OneLegStand, $side)?->by)->toBe($by);
})->with([
    'two' => [['left' => [4, 7], 'right' => [1, 1]], Side::Left, 3.0],
    'the last two of three' => [['left' => [1, 4, 6]], Side::Left, 2.0],
    'one' => [['left' => [4], 'right' => [5, 6]], Side::Left, null],
    'one refused between' => [['left' => [4, null, 9]], Side::Left, 5.0],
]);

it('believes a change from the noise of its test on', function (
    string $test, float $before, float $after, string $says,
): void {
    expect(Change::between(AllTests::named($test), $before, $after)->says(AllTests::named($test)))->toBe($says);
})->with([
    'stands, two more' => ['chair_stand_30s', 9, 11, '+2 stands, better'],
    'stands, one more' => ['chair_stand_30s', 9, 10, '+1 stands, within test noise'],
    'stands, two fewer' => ['chair_stand_30s', 11, 9, '-2 stands, worse'],
    'stands, the same' => ['chair_stand_30s', 9, 9, 'no change'],
    'five stands, quicker' => ['five_chair_stands', 15, 12.7, '-2.3 s, better'],
    'five stands, a little quicker' => ['five_chair_stands', 15, 12.8, '-2.2 s, within test noise'],
    'five stands, slower' => ['five_chair_stands', 12, 15, '+3 s, worse'],
    'up and go' => ['timed_up_and_go', 12, 10, '-2 s, better'],
    'grip, five kilograms' => ['grip', 60, 65, '+5 kg, better'],
    'grip, a tenth of little' => ['grip', 20, 22, '+2 kg, better'],
    'grip, less than a tenth' => ['grip', 30, 32.9, '+2.9 kg, within test noise'],
    'grip, from nothing' => ['grip', 0, 4, '+4 kg, within test noise'],
    'a plank has no noise of its own' => ['front_plank', 20, 22, '+2 s, better'],
]);

it('acts below eighty percent, notes below ninety, and names the weaker side', function (
    ?float $left, ?float $right, ?string $says,
): void {
    expect(Symmetry::of($left, $right)?->says())->toBe($says);
})->with([
    'alike' => [10, 10, 'Both sides alike.'],
    '90 %' => [9, 10, 'Left is at 90 % of the other side.'],
    'just below 90 %' => [8.99, 10, 'Left is at 90 % of the other side: worth noting.'],
    '80 %' => [10, 8, 'Right is at 80 % of the other side: worth noting.'],
    'just below 80 %' => [
        10, 7.99, 'Right is at 80 % of the other side: it leads, and one-sided exercises are preferred.',
    ],
    'nothing on one side' => [
        0, 5, 'Left is at 0 % of the other side: it leads, and one-sided exercises are preferred.',
    ],
    'nothing on either' => [0, 0, null],
    'one missing' => [5, null, null],
]);

it('lets the first test that shows a difference name the weaker side', function (array $rows, ?Side $weaker): void {
    expect(Made::measures($rows)->weakerSide())->toBe($weaker);
})->with([
    'none measured' => [[], null],
    'alike' => [
        [['test' => 'grip', 'side' => 'left', 'value' => 20], ['test' => 'grip', 'side' => 'right', 'value' => 21]],
        null,
    ],
    'grip alone' => [
        [['test' => 'grip', 'side' => 'left', 'value' => 20], ['test' => 'grip', 'side' => 'right', 'value' => 30]],
        Side::Left,
    ],
    'legs before hands' => [[
        ['test' => 'grip', 'side' => 'left', 'value' => 20], ['test' => 'grip', 'side' => 'right', 'value' => 30],
        ['test' => 'one_leg_stand', 'side' => 'left', 'value' => 20],
        ['test' => 'one_leg_stand', 'side' => 'right', 'value' => 10],
    ], Side::Right],
]);

it('takes the last easy set that was done for a family', function (): void {
    $set = Made::measures([
        ['test' => 'easy_set', 'family' => 'curl', 'load_g' => 2000, 'reps' => 8, 'rir' => 2],
        ['test' => 'easy_set', 'family' => 'curl', 'load_g' => 3000, 'reps' => 8, 'rir' => 2],
        ['test' => 'easy_set', 'family' => 'hinge', 'load_g' => 5000, 'reps' => 8, 'rir' => 2],
        ['test' => 'easy_set', 'family' => 'curl', 'not_tested' => 'sore elbow'],
    ]);
    expect($set->oneRepMax('curl')?->grams)->toBe(4000)
        ->and($set->oneRepMax('hinge')?->grams)->toBe(6667)
        ->and($set->oneRepMax('seat_rise'))->toBeNull();
});

it('has no estimate where the last set gave none, even if an older one did', function (): void {
    $set = Made::measures([
        ['test' => 'easy_set', 'family' => 'curl', 'load_g' => 2000, 'reps' => 8, 'rir' => 2],
        ['test' => 'easy_set', 'family' => 'curl', 'load_g' => 2000, 'reps' => 20, 'rir' => 2],
    ]);
    expect($set->oneRepMax('curl'))->toBeNull();
});

it('takes each number of a result to the end of its range and no further', function (array $in, array $out): void {
    $base = ['test' => 'easy_set', 'family' => 'curl', 'load_g' => 2000, 'reps' => 8, 'rir' => 2];
    expect(Result::read(new Bag([...$base, ...$in])))->toBeInstanceOf(Result::class)
        ->and(fn () => Result::read(new Bag([...$base, ...$out])))->toThrow(InvalidInput::class);
})->with([
    'load, least' => [['load_g' => 1], ['load_g' => 0]],
    'load, most' => [['load_g' => 200_000], ['load_g' => 200_001]],
    'reps, least' => [['reps' => 1], ['reps' => 0]],
    'reps, most' => [['reps' => 200], ['reps' => 201]],
    'in reserve, least' => [['rir' => 0], ['rir' => -1]],
    'in reserve, most' => [['rir' => 50], ['rir' => 51]],
]);
