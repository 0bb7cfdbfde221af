<?php

declare(strict_types=1);

use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Dose\Bridge;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Easing;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Progress\LoadStep;
use BuoyantStep\Core\Progress\NextDose;
use BuoyantStep\Core\Progress\Offered;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

require_once __DIR__.'/helpers.php';

/* Each proposal with every reason that it gives: a decision whose reason is missing is as wrong as another decision. */

const BAND_BY_FEEL = [
    'sets' => 2,
    'reps' => ['lo' => 8, 'hi' => 12],
    'effort' => ['lo' => 6, 'hi' => 8],
    'rest_s' => 60,
];

function courseAt(
    array $dose,
    array $history,
    array $client = [],
    ?Goal $goal = null,
    bool $byFeel = false,
    ?array $ladder = [],
): Course {
    $profile = Made::client($client);
    $on = Day::of(Made::TODAY);

    return new Course(
        Dose::read(new Bag($dose)),
        array_map(static fn (array $h): Performed => Performed::read(new Bag($h)), $history),
        $on,
        $profile,
        new DoseLimits(RuleBook::standard()->envelope(new Facts($profile, $on)), goal: $goal),
        $ladder,
        $byFeel,
    );
}

/** @return list<string> */
function rulesSaid(Proposal $proposal): array
{
    return array_column($proposal->because, 'rule');
}

/** A session n days ago without a load. */
function freeAgo(int $ago, string $kind, int $amount, float $effort = 6): array
{
    $set = [$kind => $amount, 'effort' => $effort];

    return ['date' => (string) Day::of(Made::TODAY)->plus(-$ago), 'sets' => [$set, $set]];
}

it('says each reason of a step of seconds', function (
    Goal $goal, string $school, int $hi, array $rules, ?string $lever, string $amount,
): void {
    $dose = ['sets' => 2, 'hold' => ['lo' => 10, 'hi' => $hi], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 30];
    $course = courseAt($dose, [freeAgo(2, 'hold', $hi), freeAgo(5, 'hold', $hi)], goal: $goal);
    $next = NextDose::propose(SchoolBook::find($school), $course);
    expect(rulesSaid($next))->toBe($rules)->and($next->lever?->value)->toBe($lever)
        ->and($next->dose->amount->label())->toBe($amount);
})->with([
    'a hold grows' => [Goal::Isometric, 'seconds', 20, ['good_sessions', 'step.seconds'], 'seconds', '15-25'],
    'a hold to its top' => [Goal::Isometric, 'seconds', 42, ['good_sessions', 'step.seconds'], 'seconds', '15-45'],
    'a hold at its top' => [
        Goal::Isometric, 'seconds', 45, ['good_sessions', 'lever.rung', 'lever.rung'], 'rung', '10-45',
    ],
    'a stance grows' => [Goal::Balance, 'criterion_ladder', 20, ['criterion', 'step.seconds'], 'seconds', '10-25'],
    'a stance to half a minute' => [
        Goal::Balance,
        'criterion_ladder',
        28,
        ['criterion', 'step.seconds'],
        'seconds',
        '10-30',
    ],
    'a stance at half a minute' => [
        Goal::Balance,
        'criterion_ladder',
        30,
        ['criterion', 'lever.rung'],
        'rung',
        '10-30',
    ],
]);

it('comes down to fewer reps from more than ten alone', function (int $hi, bool $fewer): void {
    $history = array_map(static fn (int $ago): array => doneAgo($ago, $hi, 8), [2, 5, 30]);
    $next = proposed($history, dose: [...DOSE, 'reps' => ['lo' => 8, 'hi' => $hi]], school: 'fewer_heavier');
    expect($next->lever)->toBe(Lever::Load)->and(in_array('reps.fewer', rulesSaid($next), true))->toBe($fewer);
})->with([[10, false], [11, true]]);

it('says why a band that nobody measured is stretched further, and why not', function (
    array $client, Decision $decision, string $rule,
): void {
    $course = courseAt(
        BAND_BY_FEEL,
        [freeAgo(2, 'reps', 12, 5), freeAgo(5, 'reps', 12, 5)],
        $client,
        Goal::StrengthOlder,
        true,
    );
    $next = NextDose::propose(SchoolBook::find('effort_steered'), $course);
    expect($next->decision)->toBe($decision)->and(rulesSaid($next))->toBe(['mean_effort', $rule])
        ->and($next->otherwise)->toContain('luggage scale');
})->with([
    'no limit on loads' => [[], Decision::StepUp, 'pull.by_feel'],
    'a lift limit' => [['conditions' => [['code' => 'hernia']]], Decision::Retest, 'no_scale'],
    'a share of a maximum that nobody knows' => [
        ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]], Decision::Retest, 'no_scale',
    ],
]);

it('says that an easy set is needed where a cap has nothing to be taken of', function (): void {
    $client = ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]];
    $history = [doneAgo(2, 12, 4), doneAgo(5, 12, 4)];
    $next = proposed($history, client: $client);
    expect([$next->decision, $next->lever])->toBe([Decision::Retest, Lever::Measure])
        ->and(rulesSaid($next))->toBe(['good_sessions', 'no_estimate'])
        ->and($next->otherwise)->toBe('An easy set with a usable estimate opens the load.');
});

it('steers by effort from the bottom of the range, and says what it asked for', function (): void {
    $at = static fn (int $reps): Proposal => proposed(
        [doneAgo(2, $reps, 5), doneAgo(5, $reps, 5)],
        school: 'effort_steered',
    );
    expect($at(8)->decision)
        ->toBe(Decision::StepUp)
        ->and($at(7)->decision)
        ->not->toBe(Decision::StepUp)
        ->and($at(8)->because[0]->says)
        ->toBe('Mean RPE 5, asked for 6-8; 2 of 2 sessions running at 5 or less.');
    $mixed = doneAgo(2);
    $mixed['sets'] = array_map(static fn (float $effort): array => [
        'reps' => 10, 'effort' => $effort, 'load_g' => 5000,
    ], [6, 6.5, 6.5]);
    expect(proposed([$mixed], school: 'effort_steered')->because[0]->says)->toStartWith('Mean RPE 6.3, asked for 6-8;');
});

it('calls it a plateau by its weeks, and only what stays', function (int $days, ?string $says): void {
    // Eight sessions, the first so many days ago, the last two days ago, each half a point too hard.
    $history = array_map(
        static fn (int $i): array => doneAgo((int) round($days - ($i * ($days - 2)) / 7), 12, 8.5),
        range(0, 7),
    );
    $found = array_values(array_filter(proposed($history)->because, static fn ($r): bool => $r->rule === 'plateau'));
    expect($found[0]->says ?? null)->toBe($says);
})->with([
    [27, null],
    [28, 'No step for 4 weeks: another lever, an easier week or a fresh test.'],
    [34, 'No step for 4 weeks: another lever, an easier week or a fresh test.'],
    [35, 'No step for 5 weeks: another lever, an easier week or a fresh test.'],
]);

it('takes the plateau off what steps', function (): void {
    $history = array_map(static fn (int $i): array => doneAgo(37 - 5 * $i, 12, $i > 5 ? 7 : 8.5), range(0, 7));
    $next = proposed($history);
    expect($next->decision)->toBe(Decision::StepUp)->and(rulesSaid($next))->not->toContain('plateau');
});

it('counts the days between the last two sessions', function (array $agos, ?int $gap): void {
    $course = courseAt(DOSE, array_map(static fn (int $ago): array => doneAgo($ago), $agos));
    expect($course->lastGap())->toBe($gap);
})->with([[[2, 9], 7], [[2, 9, 30], 7], [[2], null], [[], null]]);

it('comes back with less, to one and no lower', function (array $dose, string $amount): void {
    $course = courseAt(['sets' => 2, 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 30, ...$dose], []);
    expect(Easing::fewer($course, 30)->amount->label())->toBe($amount);
})->with([
    'reps' => [['reps' => ['lo' => 8, 'hi' => 12]], '5-8'],
    'few reps' => [['reps' => ['lo' => 2, 'hi' => 4]], '1-2'],
    'trips' => [['trips' => ['lo' => 2, 'hi' => 4]], '1-2'],
    'a single one' => [['trips' => ['lo' => 1, 'hi' => 2]], '1'],
]);

it('asks for a decision on everything but what stays', function (): void {
    expect(
        array_map(static fn (string $d): bool => Decision::from($d)->asksForDecision(), [
            'step_up',
            'stay',
            'ease',
            'stop',
            'retest',
        ]),
    )
        ->toBe([true, false, true, true, true])
        ->and(
            array_map(static fn (string $d): bool => Decision::from($d)->isBrake(), [
                'step_up',
                'stay',
                'ease',
                'stop',
                'retest',
            ]),
        )
        ->toBe([false, false, true, true, true]);
});

it('stops for a red flag, though no load here is light enough any more', function (
    bool $flag,
    Decision $decision,
): void {
    $capped = [
        'own_limits' => [['field' => 'lift_max_g', 'value' => '1000', 'by' => 'Dr Amari', 'why' => 'as ordered']],
    ];
    $next = proposed([doneAgo(2, more: $flag ? ['stop_sign' => true] : [])], [4500, 5000], $capped);
    expect($next->decision)->toBe($decision);
})->with([[true, Decision::Stop], [false, Decision::Ease]]);

it('takes two percent for a step, and the next there is where none is near', function (
    array $ladder, int $stepMax, ?int $cap, ?int $next,
): void {
    expect(LoadStep::nextOf($ladder, 5000, new SystemLoad, $stepMax, $cap))->toBe($next);
})->with([
    'two percent, further than a step' => [[5100, 5600], 1, null, 5100],
    'less than two percent is none' => [[5099, 5600], 1, null, 5600],
    'within a step the heaviest' => [[5100, 5400, 5500, 5501], 10, null, 5500],
    'no more than the cap' => [[5100, 5400, 5500], 10, 5400, 5400],
    'a little, and over the cap' => [[5050], 10, 5000, 5050],
    'a little is all there is' => [[5050], 10, null, 5050],
    'nothing heavier' => [[4000, 5000], 10, null, null],
]);

it('eases to the next load that is a relief of five percent, or to the lightest', function (
    array $ladder,
    int $next,
): void {
    $course = courseAt(DOSE, [], ladder: $ladder);
    expect(Easing::oneLever($course, [])->dose->loadG)->toBe($next);
})->with([
    'five percent' => [[4500, 4750, 5000], 4750], 'a gram less' => [[4500, 4751, 5000], 4500],
    'only a little' => [[4900, 5000], 4900],
]);

it('names each lever', function (string $lever, string $label, bool $counts): void {
    expect(Lever::from($lever)->label())->toBe($label)->and(Lever::from($lever)->isCount())->toBe($counts);
})->with([
    ['load', 'load', false], ['pull', 'pull', false], ['reps', 'reps', true], ['seconds', 'seconds', true],
    ['steps', 'steps', true], ['trips', 'trips', true], ['metres', 'metres', true], ['sets', 'sets', false],
    ['tempo', 'slower lowering', false], ['rung', 'another rung', false], ['measure', 'by an easy set', false],
    ['limit', 'down to a limit', false],
]);

it('writes an offer and a proposal with what they have and no more', function (): void {
    $dose = Dose::read(new Bag(DOSE));
    expect((new Offered('retest', 'Measure again.'))->jsonSerialize())
        ->toBe(['lever' => 'retest', 'says' => 'Measure again.'])
        ->and((new Offered('family', 'Or a row.', $dose, 'tote_row', 'hand_chair'))->jsonSerialize())
        ->toBe([
            'lever' => 'family',
            'says' => 'Or a row.',
            'dose' => $dose,
            'family' => 'tote_row',
            'rung' => 'hand_chair',
        ])
        ->and((new Proposal(Decision::Stay, null, $dose, []))->jsonSerialize())->toBe([
            'decision' => 'stay', 'lever' => null, 'dose' => $dose, 'because' => [], 'offers' => [],
        ]);
    $bridge = Bridge::between(5000, 6000, 8, 2, null);
    expect((new Proposal(Decision::StepUp, Lever::Reps, $dose, [], $bridge))->jsonSerialize()['bridge'])->toBe($bridge);
});
