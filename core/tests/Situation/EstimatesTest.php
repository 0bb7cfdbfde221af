<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Kit\House;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\LoggedExercise;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\EstimateFrom;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

function situationWith(array $client, array $measures, array $logged): Situation
{
    $kept = array_map(static fn (array $l): LoggedExercise => new LoggedExercise($l[0], $l[1], Estimate::kept(
        $l[2], Confidence::Good, EstimateFrom::Log, Day::of('2026-11-24'), 'Logged.',
    )), $logged);

    return new Situation(
        new Facts(Made::client(['body_mass_kg' => 60, ...$client]), Day::of(Made::TODAY), Made::measures($measures)),
        new House(Made::kitchen()), Catalogue::standard(), RuleBook::standard(), logged: $kept,
    );
}

const EASY = ['test' => 'easy_set', 'load_g' => 6000, 'reps' => 8, 'rir' => 2, 'on' => '2026-11-10'];

it('renews itself from the log, and never crosses the number of working limbs', function (
    string $path, array $measures, array $logged, ?int $grams,
): void {
    expect(Made::at(situationWith([], $measures, $logged), $path)->estimate()?->grams)->toBe($grams);
})->with([
    'an easy set' => ['tote_row/hand_chair', [[...EASY, 'family' => 'tote_row']], [], 8000],
    'a newer log' => [
        'tote_row/hand_chair', [[...EASY, 'family' => 'tote_row']], [['tote_row', 'hand_chair', 9000]], 9000,
    ],
    'another family' => ['curl/one_arm', [[...EASY, 'family' => 'tote_row']], [['tote_row', 'hand_chair', 9000]], null],
    'a rise counts the body' => ['seat_rise/load_close', [[...EASY, 'family' => 'seat_rise']], [], 80_000],
    'two legs do not tell about one' => ['hinge/staggered', [[...EASY, 'family' => 'hinge']], [], null],
    'one leg measured' => ['hinge/staggered', [[...EASY, 'family' => 'hinge', 'rung' => 'staggered']], [], 8000],
    'nor one about two' => ['hinge/seat_lift', [[...EASY, 'family' => 'hinge', 'rung' => 'staggered']], [], null],
    'one arm is as good as each' => ['curl/each_hand', [[...EASY, 'family' => 'curl']], [], 8000],
    'the body alone, logged' => ['squat/hug_load', [], [['squat', 'to_chair', 70_000]], 70_000],
]);

it('raises a cap by what was logged, but not where raising it waits for the clinician', function (
    array $condition, array $logged, ?int $cap,
): void {
    $situation = situationWith(
        ['conditions' => [$condition]], [[...EASY, 'family' => 'tote_row']], $logged,
    );
    expect(DoseLimits::of(Made::at($situation, 'tote_row/hand_chair'))->cap()->grams)->toBe($cap);
})->with([
    'sixty percent of the easy set' => [['code' => 'older_adult_new'], [], 4800],
    'of the log' => [['code' => 'older_adult_new'], [['tote_row', 'hand_chair', 9000]], 5400],
    'a heart: of the easy set' => [['code' => 'coronary_disease'], [], 3200],
    'a heart: still of the easy set' => [['code' => 'coronary_disease'], [['tote_row', 'hand_chair', 9000]], 3200],
]);

it('is blind where raising the cap waits and nothing was measured, whatever was logged', function (): void {
    $situation = situationWith(
        ['conditions' => [['code' => 'coronary_disease']]], [], [['tote_row', 'hand_chair', 9000]],
    );
    expect(DoseLimits::of(Made::at($situation, 'tote_row/hand_chair'))->isBlind())->toBeTrue();
});

it('adds nothing where the body alone is over the share', function (): void {
    // 60 % of 80 kg is 48 kg; 54 kg of the body rise.
    $situation = situationWith(
        ['conditions' => [['code' => 'older_adult_new']]], [[...EASY, 'family' => 'seat_rise']], [],
    );
    expect(DoseLimits::of(Made::at($situation, 'seat_rise/load_close'))->cap()->grams)->toBe(0);
});
