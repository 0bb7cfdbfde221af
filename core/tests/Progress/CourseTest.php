<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\NextDose;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/** @param  list<array<string, mixed>>  $sessions each a list of sets, the latest first */
function courseOf(
    array $client = [],
    array $sessions = [],
    array $dose = [],
    ?array $ladder = [4000, 5000, 5500],
    ?int $capG = null,
    ?OneRepMax $max = null,
): Course {
    $profile = Made::client($client);
    $on = Day::of(Made::TODAY);
    $history = [];
    foreach ($sessions as $n => $sets) {
        $history[] = Performed::read(new Bag(['date' => (string) $on->plus(-2 - 2 * $n), 'sets' => $sets]));
    }

    return new Course(
        Dose::read(
            new Bag(
                [
                    'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7],
                    'load_g' => 5000, 'per' => 'total', 'rest_s' => 60, ...$dose,
                ],
            ),
        ),
        $history, $on, $profile,
        new DoseLimits(
            RuleBook::standard()->envelope(new Facts($profile, $on)), maxG: $max?->grams, capG: $capG,
        ), $ladder,
    );
}

it('asks for two good sessions, and for four on a limb with lymphedema', function (): void {
    expect(courseOf()->goodSessionsNeeded())->toBe(2)
        ->and(
            courseOf(['conditions' => [['code' => 'lymphedema', 'detail' => ['arms', 'legs']]]])->goodSessionsNeeded(),
        )->toBe(4);
});

it('takes the measured estimate before any logged set', function (): void {
    $logged = [[['reps' => 10, 'effort' => 8, 'load_g' => 9000]]];
    // 10 kg for 6 with 2 left is 360/29 = 12.414 kg.
    expect(courseOf(sessions: $logged, max: OneRepMax::estimate(10_000, 6, 2))->limits->maxG)->toBe(12_414);
});

it('takes the best set of the latest session that gives an estimate', function (): void {
    $weak = ['reps' => 8, 'effort' => 8, 'load_g' => 4000];
    $strong = ['reps' => 8, 'effort' => 8, 'load_g' => 5000];
    // Eight reps with two left are ten: 36 / 27 of the load.
    expect(courseOf(sessions: [[$weak, $strong]])->limits->maxG)->toBe(6667)
        ->and(courseOf(sessions: [[$strong, $weak]])->limits->maxG)->toBe(6667)
        // The latest session counts, also when an older one was better.
        ->and(courseOf(sessions: [[$weak], [$strong]])->limits->maxG)->toBe(5333)
        // One that gives no estimate is passed over.
        ->and(courseOf(sessions: [[['reps' => 8, 'effort' => 8]], [$strong]])->limits->maxG)->toBe(6667);
});

it('takes no estimate from a set that allows none', function (array $set): void {
    expect(courseOf(sessions: [[$set]])->limits->maxG)->toBeNull();
})->with([
    'no load' => [['reps' => 8, 'effort' => 8]],
    'a load of nothing' => [['reps' => 8, 'effort' => 8, 'load_g' => 0]],
    'no reps' => [['reps' => 0, 'effort' => 8, 'load_g' => 5000]],
    'seconds' => [['seconds' => 8, 'effort' => 8, 'load_g' => 5000]],
    'reps beyond counting' => [['reps' => 201, 'effort' => 8, 'load_g' => 5000]],
    'too many reps for an estimate' => [['reps' => 21, 'effort' => 10, 'load_g' => 5000]],
    'an effort that tells nothing' => [['reps' => 8, 'effort' => 4.5, 'load_g' => 5000]],
    'form that broke' => [['reps' => 8, 'effort' => 8, 'load_g' => 5000, 'form_broke' => true]],
]);

it('takes an estimate from a single rep and from fifteen', function (array $set, int $grams): void {
    expect(courseOf(sessions: [[$set]])->limits->maxG)->toBe($grams);
})->with([
    'one, with none left' => [['reps' => 1, 'effort' => 10, 'load_g' => 5000], 5000],
    'fifteen, with none left' => [['reps' => 15, 'effort' => 10, 'load_g' => 4000], 6000],
]);

it('caps the load by whatever is tightest', function (
    array $client, array $dose, ?int $capG, ?OneRepMax $max, ?int $cap,
): void {
    expect(courseOf($client, dose: $dose, capG: $capG, max: $max)->loadCapG())->toBe($cap);
})->with([
    'nothing caps' => fn () => [[], [], null, OneRepMax::estimate(5000, 8, 2), null],
    'a given cap' => fn () => [[], [], 5200, null, 5200],
    // 80 % of 6667 g.
    'a percent of the estimate' => fn () => [
        ['conditions' => [['code' => 'older_adult_new', 'detail' => 'first_block_done']]],
        [],
        null,
        OneRepMax::estimate(5000, 8, 2),
        5333,
    ],
    'a percent of nothing' => fn () => [['conditions' => [['code' => 'older_adult_new']]], [], null, null, null],
    'a lift limit' => fn () => [
        ['conditions' => [['code' => 'hernia', 'detail' => 'lift_g:5001']]], [], null, null, 5001,
    ],
    'a lift limit, for each hand' => fn () => [
        ['conditions' => [['code' => 'hernia', 'detail' => 'lift_g:5001']]], ['per' => 'hand'], null, null, 2500,
    ],
    'the given under the lift limit' => fn () => [
        ['conditions' => [['code' => 'hernia', 'detail' => 'lift_g:5000']]], [], 4800, null, 4800,
    ],
    'the lift limit under the given' => fn () => [
        ['conditions' => [['code' => 'hernia', 'detail' => 'lift_g:5000']]], [], 5200, null, 5000,
    ],
]);

it('is blind where a percent is asked of nothing, and only there', function (
    array $client, array $dose, ?OneRepMax $max, bool $blind,
): void {
    expect(courseOf($client, dose: $dose, max: $max)->isBlind())->toBe($blind);
})->with([
    'no percent cap' => fn () => [[], [], null, false],
    'a cap and no estimate' => fn () => [['conditions' => [['code' => 'older_adult_new']]], [], null, true],
    'a cap and an estimate' => fn () => [
        ['conditions' => [['code' => 'older_adult_new']]], [], OneRepMax::estimate(5000, 8, 2), false,
    ],
    'a cap and no load' => fn () => [
        ['conditions' => [['code' => 'older_adult_new']]], ['load_g' => null], null, false,
    ],
]);

it('doses again what the limits of today no longer allow', function (
    array $client, array $dose, string $rule, Closure $check,
): void {
    $course = courseOf($client, dose: $dose, max: OneRepMax::estimate(5000, 8, 2));
    $next = NextDose::propose(SchoolBook::for($course->dose->kind), $course);
    expect(array_map(static fn ($r): string => $r->rule, $next->because))->toContain($rule);
    $check($next->dose);
})->with([
    'effort' => [
        ['conditions' => [['code' => 'hypertension_controlled']]],
        ['effort' => ['lo' => 8, 'hi' => 9]],
        'hypertension_controlled',
        static fn () => static fn (Dose $d) => expect($d->effort->label())->toBe('7'),
    ],
    'the lower effort stays where it may' => [
        ['conditions' => [['code' => 'hypertension_controlled']]],
        ['effort' => ['lo' => 5, 'hi' => 8]],
        'hypertension_controlled',
        static fn () => static fn (Dose $d) => expect($d->effort->label())->toBe('5-7'),
    ],
    'rest' => [
        ['conditions' => [['code' => 'heart_failure']]],
        ['rest_s' => 60],
        'heart_failure',
        static fn () => static fn (Dose $d) => expect($d->restS)->toBe(90),
    ],
    'too few reps' => [
        ['conditions' => [['code' => 'hypertension_controlled']]],
        ['reps' => ['lo' => 5, 'hi' => 7]],
        'hypertension_controlled',
        static fn () => static fn (Dose $d) => expect($d->amount->label())->toBe('8'),
    ],
    'too many reps' => [
        ['conditions' => [['code' => 'stroke_hemiparesis', 'side' => 'left']]],
        ['reps' => ['lo' => 8, 'hi' => 20]],
        'stroke_hemiparesis',
        static fn () => static fn (Dose $d) => expect($d->amount->label())->toBe('10-15'),
    ],
    'a hold' => [
        ['conditions' => [['code' => 'coronary_disease']]],
        ['reps' => null, 'load_g' => null, 'hold' => ['lo' => 10, 'hi' => 20]],
        'coronary_disease',
        static fn () => static fn (Dose $d) => expect($d->amount->label())->toBe('6'),
    ],
    // 60 % of 6667 g is 4000 g: the heaviest of the ladder within it.
    'the load' => [
        ['conditions' => [['code' => 'older_adult_new']]],
        [],
        'load_cap',
        static fn () => static fn (Dose $d) => expect($d->loadG)->toBe(4000),
    ],
]);

it('says which limit brought a load down', function (): void {
    $course = courseOf(
        ['conditions' => [['code' => 'older_adult_new']]], max: OneRepMax::estimate(5000, 8, 2),
    );
    $next = NextDose::propose(SchoolBook::for($course->dose->kind), $course);
    expect(array_map(static fn ($r): string => $r->rule, $next->because))->toContain('older_adult_new', 'load_cap')
        ->and($next->review)->toBeFalse();
});

it('leaves alone what is just at its limit', function (array $client, array $dose): void {
    $course = courseOf($client, dose: $dose, capG: 5000);
    $next = NextDose::propose(SchoolBook::for($course->dose->kind), $course);
    expect($next->dose->jsonSerialize())->toBe($course->dose->jsonSerialize())
        ->and(array_map(static fn ($r): string => $r->rule, $next->because))->toBe(['no_sessions']);
})->with([
    'RPE 7' => [['conditions' => [['code' => 'hypertension_controlled']]], ['effort' => ['lo' => 6, 'hi' => 7]]],
    'rest 90' => [
        ['conditions' => [['code' => 'heart_failure', 'detail' => 'first_block_done']]],
        ['rest_s' => 90, 'reps' => ['lo' => 10, 'hi' => 15], 'effort' => ['lo' => 4, 'hi' => 5]],
    ],
    'eight reps' => [['conditions' => [['code' => 'hypertension_controlled']]], ['reps' => ['lo' => 8, 'hi' => 8]]],
    'a hold of six' => [
        ['conditions' => [['code' => 'coronary_disease']]],
        ['reps' => null, 'load_g' => null, 'hold' => ['lo' => 6, 'hi' => 6], 'effort' => ['lo' => 4, 'hi' => 6]],
    ],
    'a load at its cap' => [[], []],
]);
