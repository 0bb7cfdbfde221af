<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Progress\Reviewed;
use BuoyantStep\Core\Progress\SessionReview;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/**
 * Reviews some rungs after two sessions at the top of the range.
 *
 * @param  array<string, array<string, mixed>>  $last  what was otherwise in the last session, by path
 * @return list<Reviewed>
 */
function sessionOf(
    array $paths,
    array $client = [],
    array $last = [],
    array $measures = [],
    ?Day $asked = null,
    Wishes $wishes = new Wishes,
    bool $oldestFirst = false,
): array {
    $situation = Made::situation(Made::client($client), Made::measures($measures), Made::kitchen());
    $done = static fn (int $ago, array $with, ?int $load): Performed => Performed::read(new Bag([
        'date' => (string) Day::of(Made::TODAY)->plus(-$ago),
        'sets' => array_fill(0, 2, array_filter([
            'reps' => 12, 'effort' => $with['effort'] ?? 7, 'load_g' => $load,
        ])),
        'pain' => $with['pain'] ?? [],
    ]));

    return (new SessionReview($situation, $wishes))->review(array_map(
        static function (string $path) use ($situation, $done, $last, $asked, $oldestFirst): Exercise {
            $here = Made::at($situation, $path);
            $load = $here->rung->takesLoad() ? $here->ladder()?->best(2000, null)?->loadG : null;
            $dose = Dose::read(new Bag(array_filter([
                'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'rest_s' => 60,
                'load_g' => $load,
            ])));

            $history = [
                $done(2, $last[$path] ?? [], $load),
                $done(5, array_intersect_key($last[$path] ?? [], ['effort' => 1]), $load),
            ];

            return new Exercise(
                $here, Goal::StrengthOlder, $dose, $oldestFirst ? array_reverse($history) : $history, asked: $asked,
            );
        }, $paths,
    ));
}

/** @param  list<Reviewed>  $all */
function decisions(array $all): array
{
    return array_map(static fn (Reviewed $r): string => $r->proposal->decision->value, $all);
}

const THREE = ['heel_raise/two_hands', 'wall_counter_push/wall', 'toe_raise/seated'];

it('steps up in two exercises of a session at most where the client is fragile', function (): void {
    expect(decisions(sessionOf(THREE)))->toBe(['step_up', 'step_up', 'step_up']);
    $fragile = sessionOf(THREE, ['birth_date' => '1940-01-01'], measures: [
        ['test' => 'tandem_stand', 'value' => 10], ['test' => 'chair_stand_30s', 'value' => 12],
        ['test' => 'arm_curl_30s', 'side' => 'left', 'value' => 20],
        ['test' => 'arm_curl_30s', 'side' => 'right', 'value' => 20],
    ]);
    // Two, and not fewer: the third waits.
    expect(decisions($fragile))->toBe(['step_up', 'step_up', 'stay']);
});

it('holds every step on a bad day, whichever exercise made it one', function (array $last, bool $held): void {
    $all = sessionOf(THREE, last: ['toe_raise/seated' => $last, 'wall_counter_push/wall' => $last]);
    $rules = array_column($all[0]->proposal->because, 'rule');
    expect(in_array('brake.bad_day', $rules, true))->toBe($held)
        ->and($all[0]->proposal->decision)->toBe($held ? Decision::Stay : Decision::StepUp);
})->with([
    'pain two over the ceiling of five' => [['pain' => ['during' => 7]], true],
    'one over it' => [['pain' => ['during' => 6]], false],
    'a morning two worse' => [['pain' => ['before' => 1, 'next_morning' => 3]], true],
    'one worse' => [['pain' => ['before' => 1, 'next_morning' => 2]], false],
    'a bad morning, nothing said of before' => [['pain' => ['next_morning' => 2]], true],
    'a fair morning, nothing said of before' => [['pain' => ['next_morning' => 1]], false],
    'nine in two exercises' => [['effort' => 9], true],
    'eight and a half in two' => [['effort' => 8.5], false],
]);

it('looks at the last day, in whatever order the sessions stand', function (bool $oldestFirst): void {
    $bad = ['pain' => ['during' => 7]];
    $all = sessionOf(THREE, last: ['toe_raise/seated' => $bad], oldestFirst: $oldestFirst);
    expect(decisions($all)[0])->toBe('stay');
})->with([false, true]);

it('adds a set only where the session has minutes left for it', function (int $minutes, ?string $lever): void {
    // The top of its family, done well: the next lever is a set.
    $all = sessionOf(['wall_counter_push/sofa', 'heel_raise/two_hands'], wishes: new Wishes(minutes: $minutes));
    expect($all[0]->proposal->lever?->value)->toBe($lever);
})->with([[30, 'sets'], [5, null]]);

it('does not call it a bad day for nine in one exercise', function (): void {
    $all = sessionOf(THREE, last: ['toe_raise/seated' => ['effort' => 9]]);
    expect(decisions($all)[0])->toBe('step_up');
});

const LOADED = [
    'tote_row/hand_chair', 'curl/one_arm', 'hinge/seat_lift', 'overhead_press/one_hand', 'suitcase_carry/short',
];

it('asks for easy sets of three exercises at once, and for each of them once in four weeks', function (): void {
    // An effort that tells nothing: no estimate from the log.
    $light = array_fill_keys(LOADED, ['effort' => 3]);
    $ask = static fn (?int $ago): array => decisions(sessionOf(
        array_slice(LOADED, 0, 4), last: $light, asked: $ago === null ? null : Day::of(Made::TODAY)->plus(-$ago),
    ));
    $counted = static fn (?int $ago): int => count(array_keys($ask($ago), 'retest', true));
    expect($counted(27))->toBe(0)->and($counted(28))->toBe(3);
});

it('asks for three that nobody has measured, whatever was measured before them', function (): void {
    $easy = static fn (string $path): array => [
        'test' => 'easy_set', 'family' => explode('/', $path)[0], 'rung' => explode('/', $path)[1], 'on' => Made::TODAY,
        'load_g' => 2400, 'reps' => 8, 'rir' => 2,
    ];
    $all = sessionOf(
        LOADED,
        last: array_fill_keys(LOADED, ['effort' => 3]),
        measures: array_map($easy, array_slice(LOADED, 0, 2)),
    );
    expect(count(array_keys(decisions(array_slice($all, 2)), 'retest', true)))->toBe(3);
});

it('asks once for a measure that a cap waits for, and holds the load until there is one', function (
    ?int $ago,
    string $rule,
): void {
    $fragile = ['conditions' => [['code' => 'osteoporosis', 'detail' => ['vertebral_fracture']]]];
    $next = sessionOf(
        ['tote_row/hand_chair'], $fragile, ['tote_row/hand_chair' => ['effort' => 3]],
        asked: $ago === null ? null : Day::of(Made::TODAY)->plus(-$ago),
    )[0]->proposal;
    expect(array_column($next->because, 'rule'))->toContain($rule)
        ->and($next->decision)->toBe($rule === 'asked' ? Decision::Stay : Decision::Retest);
})->with([[null, 'easy_set.asked'], [5, 'asked'], [28, 'easy_set.asked']]);

it('does not leap by a measure past what was tried since', function (array $sets, bool $leaps): void {
    $situation = Made::situation(Made::client(), Made::measures([[
        'test' => 'easy_set', 'family' => 'tote_row', 'rung' => 'hand_chair', 'on' => '2026-11-20', 'load_g' => 6000,
        'reps' => 8, 'rir' => 2,
    ]]), Made::kitchen());
    $here = Made::at($situation, 'tote_row/hand_chair');
    $load = $here->ladder()?->best(2000, null)?->loadG;
    $history = array_map(
        static fn (array $s): Performed => Performed::read(
            new Bag([
                'date' => $s[0],
                'sets' => [
                    ['reps' => 10, 'effort' => 3, ...$s[1] === null ? [] : ['load_g' => $load + $s[1]]],
                    ['reps' => 10, 'effort' => 3, 'load_g' => $load],
                ],
            ]),
        ),
        $sets,
    );
    $dose = Dose::read(
        new Bag([
            'sets' => 2,
            'reps' => ['lo' => 8, 'hi' => 12],
            'effort' => ['lo' => 6, 'hi' => 8],
            'rest_s' => 60,
            'load_g' => $load,
        ]),
    );
    $next = (new SessionReview($situation, new Wishes()))->review([
        new Exercise($here, Goal::StrengthOlder, $dose, $history),
    ])[0];
    expect(in_array('dosed_anew', array_column($next->proposal->because, 'rule'), true))->toBe($leaps);
})->with([
    'nothing heavier' => [[['2026-11-23', 0]], true],
    'the same to whoever reads ten grams' => [[['2026-11-23', 5]], true],
    'a gram more' => [[['2026-11-23', 6]], false],
    'heavier on the day of the test' => [[['2026-11-20', 500], ['2026-11-23', 0]], false],
    'heavier before the test' => [[['2026-11-19', 500], ['2026-11-23', 0]], true],
    'a set of which no load was written' => [[['2026-11-23', null]], true],
]);

it('doses by an easy set at once where it says that the load is far below the goal', function (): void {
    $easy = ['test' => 'easy_set', 'family' => 'tote_row', 'rung' => 'hand_chair', 'on' => Made::TODAY];
    $of = static fn (int $load): Reviewed => sessionOf(['tote_row/hand_chair'], measures: [
        [...$easy, 'load_g' => $load, 'reps' => 8, 'rir' => 2],
    ], last: ['tote_row/hand_chair' => ['effort' => 3]])[0];
    $far = $of(6000);
    expect($far->proposal->decision)->toBe(Decision::StepUp)
        ->and($far->proposal->lever?->value)->toBe(Lever::Measure->value)
        ->and($far->proposal->dose->loadG)->toBeGreaterThan(4000)
        ->and(array_column($far->proposal->because, 'rule'))->toContain('dosed_anew');
    expect($of(2400)->proposal->lever?->value)->not->toBe(Lever::Measure->value);
});

it('steps down with no more than was lifted, as near as the home makes it', function (
    string $path, string $rung,
): void {
    $situation = Made::situation(Made::client(), Made::measures([]), Made::kitchen());
    $here = Made::at($situation, $path);
    $dose = Dose::read(new Bag([
        'sets' => 1, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'load_g' => 150,
    ]));
    $sore = Performed::read(new Bag([
        'date' => (string) Day::of(Made::TODAY)->plus(-2),
        'sets' => [['reps' => 8, 'effort' => 7, 'load_g' => 150]], 'pain' => ['before' => 0, 'during' => 6],
    ]));
    $found = (new SessionReview($situation, new Wishes))->review(
        [new Exercise($here, Goal::StrengthOlder, $dose, [$sore])],
    )[0];
    // By itself the easier rung would start with far more.
    expect([$found->proposal->decision, $found->rung->code, $found->proposal->dose->loadG])
        ->toBe([Decision::Ease, $rung, 150]);
})->with([['tote_row/hand_chair', 'forearm_table'], ['curl/each_hand', 'one_arm']]);
