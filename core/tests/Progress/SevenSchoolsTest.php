<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Progression;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\DoseKind;

require_once __DIR__.'/helpers.php';

/** A session with each set's reps and effort. */
function setsAgo(int $ago, array $sets, int $loadG = 5000): array
{
    return ['date' => (string) Day::of(Made::TODAY)->plus(-$ago), 'sets' => array_map(
        static fn (array $s): array => ['reps' => $s[0], 'effort' => $s[1], 'load_g' => $loadG], $sets,
    )];
}

it('knows seven schools, each with what it serves', function (string $code, array $serves): void {
    $school = SchoolBook::find($code);
    $kinds = array_filter(DoseKind::cases(), static fn (DoseKind $k): bool => $school->serves($k));
    expect(array_column($kinds, 'value'))->toEqualCanonicalizing($serves)->and($school->label())->not->toBe('');
})->with([
    ['reps_then_load', ['reps', 'steps', 'trips', 'metres']], ['two_extra_reps', ['reps']],
    ['effort_steered', ['reps', 'steps', 'trips', 'metres']], ['seconds', ['seconds', 'hold']],
    ['reps_far_then_load', ['reps']],
    ['fewer_heavier', ['reps']], ['criterion_ladder', ['hold', 'steps', 'metres']],
]);

it('asks a clinic for its school, and takes the first that serves where the chosen one does not', function (): void {
    $question = Progression::questions(SchoolBook::all())[Progression::QUESTION];
    expect($question['choices'])->toHaveKeys(['reps_then_load', 'effort_steered', 'fewer_heavier'])
        ->and(SchoolBook::for(DoseKind::Seconds, 'fewer_heavier')->code())->toBe('seconds')
        ->and(SchoolBook::for(DoseKind::Reps, 'fewer_heavier')->code())->toBe('fewer_heavier');
});

it('steps after two reps past the top in the last set, in two sessions running', function (
    array $history, Decision $decision,
): void {
    expect(proposed($history, school: 'two_extra_reps')->decision)->toBe($decision);
})->with([
    'twice' => [[setsAgo(5, [[10, 8], [14, 8]]), setsAgo(2, [[12, 8], [14, 8]])], Decision::StepUp],
    'once' => [[setsAgo(5, [[12, 8], [13, 8]]), setsAgo(2, [[12, 8], [14, 8]])], Decision::Stay],
    'one rep short' => [[setsAgo(5, [[14, 8], [14, 8]]), setsAgo(2, [[14, 8], [13, 8]])], Decision::Stay],
    'not in the last set' => [[setsAgo(5, [[14, 8], [12, 8]]), setsAgo(2, [[14, 8], [12, 8]])], Decision::Stay],
    'with too much effort' => [[setsAgo(5, [[12, 8], [14, 8]]), setsAgo(2, [[12, 8], [14, 8.5]])], Decision::Stay],
    'twice below the range' => [[setsAgo(5, [[7, 8], [7, 8]]), setsAgo(2, [[7, 8], [7, 8]])], Decision::Ease],
]);

it('is steered by the mean effort, at both edges of the range of 6-8', function (
    array $history, Decision $decision,
): void {
    expect(proposed($history, school: 'effort_steered')->decision)->toBe($decision);
})->with([
    'a point below, twice' => [[setsAgo(5, [[10, 5], [10, 5]]), setsAgo(2, [[10, 4], [10, 6]])], Decision::StepUp],
    'a little more' => [[setsAgo(5, [[10, 5], [10, 5]]), setsAgo(2, [[10, 5], [10, 5.5]])], Decision::Stay],
    'once' => [[setsAgo(5, [[10, 6], [10, 6]]), setsAgo(2, [[10, 5], [10, 5]])], Decision::Stay],
    'easy, but short' => [[setsAgo(5, [[7, 5], [7, 5]]), setsAgo(2, [[7, 5], [7, 5]])], Decision::Stay],
    'inside' => [[setsAgo(5, [[10, 7], [10, 7]]), setsAgo(2, [[10, 7], [10, 8]])], Decision::Stay],
    'not yet a point above' => [[setsAgo(2, [[10, 8.5], [10, 8.5]])], Decision::Stay],
]);

it('eases by effort a point above the range', function (): void {
    // Below nine, so that no brake speaks: a range of 4-6.
    $dose = [...DOSE, 'effort' => ['lo' => 4, 'hi' => 6]];
    expect(proposed([setsAgo(2, [[10, 7], [10, 7]])], dose: $dose, school: 'effort_steered')->decision)
        ->toBe(Decision::Ease)
        ->and(proposed([setsAgo(2, [[10, 7], [10, 6.5]])], dose: $dose, school: 'effort_steered')->decision)
        ->toBe(Decision::Stay);
});

it('lets reps grow by two to twenty-five before the load', function (int $hi, string $lever, string $amount): void {
    $dose = [...DOSE, 'reps' => ['lo' => 10, 'hi' => $hi]];
    $next = proposed(
        [setsAgo(5, [[$hi, 8], [$hi, 8]]), setsAgo(2, [[$hi, 8], [$hi, 8]])], dose: $dose,
        school: 'reps_far_then_load',
    );
    expect($next->lever?->value)->toBe($lever)->and($next->dose->amount->label())->toBe($amount);
})->with([[15, 'reps', '10-17'], [24, 'reps', '10-25'], [25, 'load', '10-25']]);

it('lets no more reps grow than a limit allows', function (): void {
    $client = ['conditions' => [['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => ['first_block_done']]]];
    $dose = [...DOSE, 'reps' => ['lo' => 10, 'hi' => 15]];
    $done = [setsAgo(5, [[15, 8], [15, 8]]), setsAgo(2, [[15, 8], [15, 8]])];
    $next = proposed($done, client: $client, dose: $dose, school: 'reps_far_then_load');
    expect($next->lever?->value)->not->toBe('reps');
});

it('comes down to eight to ten reps once a block is done and form was sound', function (
    int $first, bool $broke, string $amount,
): void {
    $dose = [...DOSE, 'reps' => ['lo' => 10, 'hi' => 15]];
    $set = ['reps' => 15, 'effort' => 8, 'load_g' => 5000];
    $old = [
        'date' => (string) Day::of(Made::TODAY)->plus(-$first), 'sets' => [[...$set, 'form_broke' => $broke], $set],
    ];
    $next = proposed(
        [$old, setsAgo(5, [[15, 8], [15, 8]]), setsAgo(2, [[15, 8], [15, 8]])], dose: $dose, school: 'fewer_heavier',
    );
    expect($next->lever?->value)->toBe('load')->and($next->dose->amount->label())->toBe($amount);
})->with(['a block' => [28, false, '8-10'], 'a day less' => [27, false, '10-15'], 'form broke' => [28, true, '10-15']]);

it('climbs the ladder of balance after half a minute twice without a grab', function (
    array $seconds, bool $grabbed, Decision $decision,
): void {
    $dose = ['sets' => 1, 'hold' => ['lo' => 10, 'hi' => 30], 'effort' => ['lo' => 3, 'hi' => 5], 'rest_s' => 30];
    $history = array_map(static fn (int $ago, int $s): array => [
        'date' => (string) Day::of(Made::TODAY)->plus(-$ago),
        'sets' => [['seconds' => $s, 'effort' => 7, 'form_broke' => $grabbed]],
    ], [5, 2], $seconds);
    $next = proposed($history, dose: $dose, school: 'criterion_ladder', goal: Goal::Balance);
    expect($next->decision)->toBe($decision)
        ->and($next->lever?->value)->toBe($decision === Decision::StepUp ? 'rung' : null);
})->with([
    'half a minute' => [[30, 30], false, Decision::StepUp], 'a second short' => [[30, 29], false, Decision::Stay],
    'grabbed' => [[30, 30], true, Decision::Stay],
]);

it('asks for no longer than was asked, and lets a short stance grow to half a minute first', function (
    int $hi, int $held, Decision $decision, ?string $lever, int $to,
): void {
    $dose = ['sets' => 1, 'hold' => ['lo' => 10, 'hi' => $hi], 'effort' => ['lo' => 3, 'hi' => 5], 'rest_s' => 30];
    $history = array_map(static fn (int $ago): array => [
        'date' => (string) Day::of(Made::TODAY)->plus(-$ago), 'sets' => [['seconds' => $held, 'effort' => 4]],
    ], [5, 2]);
    $next = proposed($history, dose: $dose, school: 'criterion_ladder', goal: Goal::Balance);
    expect($next->decision)->toBe($decision)->and($next->lever?->value)->toBe($lever)
        ->and($next->dose->amount->hi)->toBe($to);
})->with([
    'held as asked' => [20, 20, Decision::StepUp, 'seconds', 25],
    'a second short' => [20, 19, Decision::Stay, null, 20],
    'near the half minute' => [28, 28, Decision::StepUp, 'seconds', 30],
    'asked for more, held half a minute' => [45, 30, Decision::StepUp, 'rung', 45],
]);

it('lets a hold grow by five seconds to forty-five, and movement to a minute, then moves on', function (
    string $kind, int $hi, ?Goal $goal, string $lever, int $to,
): void {
    $dose = ['sets' => 1, $kind => ['lo' => 10, 'hi' => $hi], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 30];
    $held = static fn (int $ago): array => [
        'date' => (string) Day::of(Made::TODAY)->plus(-$ago), 'sets' => [['seconds' => $hi, 'effort' => 6]],
    ];
    $next = proposed([$held(5), $held(2)], dose: $dose, school: 'seconds', goal: $goal);
    expect([$next->lever?->value, $next->dose->amount->hi])->toBe([$lever, $to]);
})->with([
    'a hold' => ['hold', 35, Goal::Isometric, 'seconds', 40],
    'near its top' => ['hold', 44, Goal::Isometric, 'seconds', 45],
    'at its top' => ['hold', 45, Goal::Isometric, 'rung', 45], 'a stance at half a minute' => [
        'hold', 30, Goal::Balance, 'rung', 30,
    ],
    'a stance a second less' => ['hold', 29, Goal::Balance, 'seconds', 30],
    'movement' => ['seconds', 45, Goal::StrengthOlder, 'seconds', 50],
    'movement at its top' => ['seconds', 60, Goal::StrengthOlder, 'rung', 60],
]);

it('steps the load of movement by the clock at its top', function (): void {
    $dose = [
        'sets' => 1, 'seconds' => ['lo' => 30, 'hi' => 60], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 30,
        'load_g' => 5000,
    ];
    $done = static fn (int $ago): array => [
        'date' => (string) Day::of(Made::TODAY)->plus(-$ago),
        'sets' => [['seconds' => 60, 'effort' => 6, 'load_g' => 5000]],
    ];
    $next = proposed([$done(5), $done(2)], dose: $dose, school: 'seconds', goal: Goal::StrengthOlder);
    expect([$next->lever?->value, $next->dose->loadG])->toBe(['load', 5500]);
});
