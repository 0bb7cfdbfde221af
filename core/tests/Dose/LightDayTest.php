<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\EasierWeek;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\LightDay;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Reviewer;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/** @param  list<int>  $masses */
function lightOf(string $path, array $masses, array $dose, array $client = []): Dose
{
    $kit = Made::kit(array_map(static fn (int $g): array => ['id' => 'p'.$g, 'mass_g' => $g], $masses));

    return LightDay::of(Made::at(Made::situation(Made::client($client), null, $kit), $path), Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'rest_s' => 60, ...$dose,
    ])));
}

it('takes a fifth off all that is lifted, and two points of effort', function (
    string $path, array $masses, array $dose, ?int $load, int $sets, string $effort,
): void {
    $light = lightOf($path, $masses, $dose);
    expect([$light->loadG, $light->sets, $light->effort->label(), $light->amount->label()])
        ->toBe([$load, $sets, $effort, '8-12']);
})->with([
    'four fifths exactly' => ['curl/one_arm', [1500, 4000, 5000], ['load_g' => 5000], 4000, 2, '4-6'],
    'a gram more is too heavy' => ['curl/one_arm', [2500, 4010, 5000], ['load_g' => 5000], 2500, 2, '4-6'],
    'less than half is another exercise' => ['curl/one_arm', [2490, 5000], ['load_g' => 5000], 5000, 1, '4-6'],
    'nothing lighter: a set less' => ['curl/one_arm', [4900, 5000], ['load_g' => 5000], 5000, 1, '4-6'],
    'without a load: a set less' => ['heel_raise/two_hands', [], [], null, 1, '4-6'],
    'of three sets two' => ['heel_raise/two_hands', [], ['sets' => 3], null, 2, '4-6'],
    'the only set stays' => ['heel_raise/two_hands', [], ['sets' => 1], null, 1, '4-6'],
    'never under one' => ['heel_raise/two_hands', [], ['effort' => ['lo' => 1, 'hi' => 2]], null, 1, '1'],
    // The body of 66 kg is moved as well: four fifths of 69.4 kg leave nothing to add.
    'where the body is most of it' => [
        'seat_rise/load_close', [1000, 9000, 10_000], ['load_g' => 10_000], 10_000, 1, '4-6',
    ],
]);

it('lightens each side by its own', function (): void {
    $light = lightOf('curl/one_arm', [1600, 2000, 4000, 5000], [
        'load_g' => 2000, 'left' => ['load_g' => 2000], 'right' => ['load_g' => 5000],
    ]);
    expect([$light->left?->loadG, $light->right?->loadG])->toBe([1600, 4000]);
});

it('counts a light day neither for a step nor against it', function (array $days, string $decision): void {
    $kit = Made::kit([
        ['id' => 'a', 'mass_g' => 4000], ['id' => 'b', 'mass_g' => 5000], ['id' => 'c', 'mass_g' => 5500],
    ]);
    $here = Made::at(Made::situation(Made::client(), null, $kit), 'curl/one_arm');
    $dose = Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'rest_s' => 60,
        'load_g' => 5000,
    ]));
    $history = array_map(static fn (array $d): Performed => Performed::read(new Bag([
        'date' => (string) Day::of(Made::TODAY)->plus(-$d[0]), 'light' => $d[1],
        'sets' => array_fill(0, 2, ['reps' => 12, 'effort' => $d[1] ? 5 : 7, 'load_g' => $d[1] ? 4000 : 5000]),
    ])), $days);
    $reviewed = (new Reviewer($here->situation, new Wishes))->review(
        new Exercise($here, Goal::StrengthOlder, $dose, $history),
    );
    expect($reviewed->proposal->decision->value)->toBe($decision);
})->with([
    'between two good ones' => [[[2, false], [4, true], [6, false]], 'step_up'],
    'as the newest' => [[[2, true], [4, false], [6, false]], 'step_up'],
    'two light ones are no run' => [[[2, true], [4, true], [6, false]], 'stay'],
]);

it('does about six tenths of the sets in an easier week, one at least', function (int $sets, int $fewer): void {
    expect(EasierWeek::sets($sets))->toBe($fewer);
})->with([[1, 1], [2, 1], [3, 2], [4, 2], [5, 3], [6, 4], [10, 6]]);
