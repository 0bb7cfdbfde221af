<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseSense;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Tests\Support\Made;

/** @return array{list<string>, list<string>} fields asked twice, fields refused */
function sense(array $amount, int $sets, Goal $goal): array
{
    $dose = Dose::read(new Bag(['sets' => $sets, 'effort' => ['lo' => 4, 'hi' => 6], ...$amount]));

    return [array_keys(DoseSense::asks($dose, $goal)), array_keys(DoseSense::refusals($dose, $goal))];
}

it('asks twice past what is usual and refuses past all sense, on both sides of each bound', function (
    array $amount, int $sets, Goal $goal, array $asked, array $refused,
): void {
    expect(sense($amount, $sets, $goal))->toBe([$asked, $refused]);
})->with([
    'thirty reps' => [['reps' => ['lo' => 30, 'hi' => 30]], 6, Goal::StrengthOlder, [], []],
    'thirty-one' => [['reps' => ['lo' => 8, 'hi' => 31]], 6, Goal::StrengthOlder, ['amount'], []],
    'sixty' => [['reps' => ['lo' => 8, 'hi' => 60]], 2, Goal::StrengthOlder, ['amount'], []],
    'sixty-one' => [['reps' => ['lo' => 8, 'hi' => 61]], 2, Goal::StrengthOlder, ['amount'], ['amount']],
    'seven sets' => [['reps' => ['lo' => 8, 'hi' => 10]], 7, Goal::StrengthOlder, ['sets'], []],
    'ten sets' => [['reps' => ['lo' => 8, 'hi' => 10]], 10, Goal::StrengthOlder, ['sets'], []],
    'fifty steps' => [['steps' => ['lo' => 10, 'hi' => 50]], 2, Goal::Balance, [], []],
    'fifty-one steps' => [['steps' => ['lo' => 10, 'hi' => 51]], 2, Goal::Balance, ['amount'], []],
    'a hundred and one steps' => [['steps' => ['lo' => 10, 'hi' => 101]], 2, Goal::Balance, ['amount'], ['amount']],
    'three minutes of hold' => [['hold' => ['lo' => 10, 'hi' => 180]], 1, Goal::Isometric, [], []],
    'a second longer' => [['hold' => ['lo' => 10, 'hi' => 181]], 1, Goal::Isometric, ['amount'], []],
    'five minutes of hold' => [['hold' => ['lo' => 10, 'hi' => 300]], 1, Goal::Balance, ['amount'], []],
    'five minutes and a second' => [['hold' => ['lo' => 10, 'hi' => 301]], 1, Goal::Balance, ['amount'], ['amount']],
    'ten minutes of marching' => [['seconds' => ['lo' => 300, 'hi' => 600]], 1, Goal::WarmUp, [], []],
    'half an hour of marching' => [['seconds' => ['lo' => 300, 'hi' => 1800]], 1, Goal::WarmUp, [], []],
]);

it('refuses eleven sets, which no dose that is read can have', function (): void {
    $dose = Dose::read(new Bag(['sets' => 10, 'reps' => ['lo' => 8, 'hi' => 10], 'effort' => ['lo' => 4, 'hi' => 6]]));
    expect(array_keys(DoseSense::refusals($dose, Goal::StrengthOlder)))->toBe([])
        ->and(array_keys(DoseSense::refusals($dose->with(sets: 11), Goal::StrengthOlder)))->toBe(['sets']);
});

it('says what is usual', function (): void {
    $dose = Dose::read(new Bag(['sets' => 8, 'reps' => ['lo' => 8, 'hi' => 40], 'effort' => ['lo' => 4, 'hi' => 6]]));
    expect(DoseSense::asks($dose, Goal::StrengthOlder))->toBe(
        ['sets' => '8 sets; up to 6 are usual.', 'amount' => '40 reps a set; up to 30 are usual.'],
    );
});

it('lets a session take twice its minutes', function (): void {
    expect(DoseSense::TIMES_ITS_MINUTES)->toBe(2);
});

it('never asks twice about what is drafted', function (): void {
    $made = new Made(5);
    $catalogue = Catalogue::standard();
    $drafted = 0;
    for ($i = 0; $i < 60; $i++) {
        $client = Profile::read(new Bag($made->randomForm()));
        $situation = Made::situation($client, new MeasureSet([]), new Kit([], []));
        foreach ((new Drafter($situation))->draft(new Wishes(minutes: 60))->items as $item) {
            expect(DoseSense::asks($item->dose, $item->goal))->toBe([])->and(
                DoseSense::refusals($item->dose, $item->goal),
            )->toBe([]);
            $drafted++;
        }
    }
    expect($drafted)->toBeGreaterThan(100);
});
