<?php

declare(strict_types=1);

use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

require_once __DIR__.'/helpers.php';

it('repeats, takes off ten or twenty percent, or measures again, by the days that were missed', function (
    int $ago, Decision $decision, ?int $load,
): void {
    $next = proposed([doneAgo($ago + 3), doneAgo($ago)], [3000, 3500, 4000, 4500, 5000, 5500]);
    expect($next->decision)->toBe($decision)->and($next->dose->loadG)->toBe($load ?? 5000);
})->with([
    'six days' => [6, Decision::StepUp, 5500], 'seven' => [7, Decision::Stay, null],
    'thirteen' => [13, Decision::Stay, null], 'fourteen: ten percent' => [14, Decision::Ease, 4500],
    'twenty' => [20, Decision::Ease, 4500], 'twenty-one: twenty percent' => [21, Decision::Ease, 4000],
    'twenty-seven' => [27, Decision::Ease, 4000], 'twenty-eight: thirty percent' => [28, Decision::Retest, 3500],
    'half a year' => [180, Decision::Retest, 3500],
]);

it('takes ten days for a miss where once a week is the plan', function (int $ago, Decision $decision): void {
    $next = proposed([doneAgo($ago + 7), doneAgo($ago)], dose: [...DOSE, 'days_a_week' => 1]);
    expect($next->decision)->toBe($decision);
})->with([[9, Decision::StepUp], [10, Decision::Stay]]);

it('counts the first session back and steps nothing on it', function (int $gap, Decision $decision): void {
    expect(proposed([doneAgo($gap + 4), doneAgo($gap + 2), doneAgo(2)])->decision)->toBe($decision);
})->with([[6, Decision::StepUp], [7, Decision::Stay]]);

it('takes the percent off all that is lifted, off seconds, or goes down a rung', function (): void {
    $hold = ['sets' => 2, 'hold' => ['lo' => 10, 'hi' => 20], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 60];
    $held = ['date' => (string) Day::of(Made::TODAY)->plus(-15), 'sets' => [['seconds' => 20, 'effort' => 6]]];
    $unloaded = array_diff_key(DOSE, ['load_g' => 1]);
    expect(proposed([$held], dose: $hold, school: 'seconds')->dose->amount->label())->toBe('9-18')
        ->and(proposed([doneAgo(15)], dose: $unloaded)->lever?->value)->toBe('rung')
        // Nothing here is light enough.
        ->and(proposed([doneAgo(15)], [4600, 5000])->lever?->value)->toBe('rung');
});

it('never starts again where it left off after four weeks: less is done where no load is light enough', function (
    array $dose, array $client, int $sets, string $amount, ?int $load, string $says,
): void {
    $next = proposed([doneAgo(38, set: ['load_g' => 5000]), doneAgo(35)], [4600, 5000], $client, $dose);
    expect($next->decision)->toBe(Decision::Retest)->and($next->dose->sets)->toBe($sets)
        ->and($next->dose->amount->label())->toBe($amount)->and($next->dose->loadG)->toBe($load)
        ->and(implode(' ', array_column($next->because, 'says')))->toContain($says);
})->with([
    'no load light enough' => [DOSE, [], 2, '5-8', 4600, 'restart with 2 × 5-8, about 30 % less'],
    'no load at all' => [array_diff_key(DOSE, ['load_g' => 1]), [], 2, '5-8', null, 'about 30 % less'],
    // A limit asks for eight reps at least: one set fewer is what is left.
    'no fewer reps allowed' => [
        [...DOSE, 'reps' => ['lo' => 8, 'hi' => 8]], ['conditions' => [['code' => 'hypertension_controlled']]], 1, '8',
        4600, 'about 30 % less',
    ],
]);
