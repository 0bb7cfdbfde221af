<?php

declare(strict_types=1);

use BuoyantStep\Core\Caseload\Needs;
use BuoyantStep\Core\Caseload\Rules\Retest;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Reviewed;
use BuoyantStep\Core\Progress\Reviewer;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/** Reviews a rung after two sessions in which every set was the same. */
function reviewed(
    string $family,
    string $rung,
    Goal $goal,
    array $dose,
    array $set,
    array $client = [],
    array $measures = [],
    ?Kit $kit = null,
    int $roomS = PHP_INT_MAX,
    ?Day $asked = null,
    array $session = [],
    ?array $before = null,
): Reviewed {
    $situation = Made::situation(Made::client($client), Made::measures($measures), $kit ?? Made::kitchen());
    $found = Catalogue::standard()->family($family);
    $done = static fn (int $ago, array $set): Performed => Performed::read(
        new Bag([
            'date' => (string) Day::of(Made::TODAY)->plus(-$ago),
            'sets' => array_fill(0, $dose['sets'], $set),
            ...$session,
        ]),
    );

    return (new Reviewer($situation, new Wishes(), $roomS))->review(
        new Exercise(
            $situation->at($found, $found->rung($rung)),
            $goal,
            Dose::read(new Bag($dose)),
            [$done(2, $set), $done(5, $before ?? $set)],
            asked: $asked,
        ),
    );
}

const REPS = ['sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'rest_s' => 60];

it('goes to the next rung where there is no load to raise', function (): void {
    $next = reviewed('heel_raise', 'two_hands', Goal::StrengthOlder, REPS, ['reps' => 12, 'effort' => 7]);
    expect($next->proposal->decision)->toBe(Decision::StepUp)
        ->and($next->rung->code)->toBe('fingertips');
});

it('keeps a set that was trimmed away off the next rung', function (): void {
    $next = reviewed(
        'heel_raise', 'two_hands', Goal::StrengthOlder, [...REPS, 'sets' => 1], ['reps' => 12, 'effort' => 7],
    );
    expect($next->proposal->dose->sets)->toBe(1);
});

/** @return list<string> */
function rulesBehind(Reviewed $reviewed): array
{
    return array_map(static fn ($r): string => $r->rule, $reviewed->proposal->because);
}

it('adds a set only where the session has the time for it', function (int $roomS, ?string $lever): void {
    $next = reviewed(
        'wall_counter_push', 'sofa', Goal::StrengthOlder, REPS, ['reps' => 12, 'effort' => 7], roomS: $roomS,
    );
    expect($next->proposal->lever?->value)->toBe($lever);
    // Eight to twelve push-ups and a minute of rest take longer than 20 s, and no five minutes.
})->with([[300, 'sets'], [20, null], [0, null], [-60, null]]);

it('goes to the next lever at the top of a family: sets to the goal, then the tempo, then another exercise', function (
    array $dose, Decision $decision, ?string $lever, ?string $offer,
): void {
    $next = reviewed('wall_counter_push', 'sofa', Goal::StrengthOlder, [...REPS, ...$dose], [
        'reps' => 12, 'effort' => 7,
    ]);
    $offers = array_map(static fn ($o): string => $o->lever, $next->proposal->offers);
    expect($next->proposal->decision)->toBe($decision)
        ->and($next->proposal->lever?->value)->toBe($lever)
        ->and(rulesBehind($next))->toContain('rung.none')
        ->and($offer === null || in_array($offer, $offers, true))->toBeTrue()
        ->and($next->rung->code)->toBe('sofa');
    if ($lever === 'sets') {
        expect($next->proposal->dose->sets)->toBe($dose['sets'] + 1);
    }
})->with([
    'a set that was trimmed' => [['sets' => 1], Decision::StepUp, 'sets', 'family'],
    'a set below the goal' => [['sets' => 2], Decision::StepUp, 'sets', 'family'],
    'all sets' => [['sets' => 3, 'tempo' => '3-0-2-0'], Decision::StepUp, 'tempo', 'family'],
    'all sets, as slow as can be' => [['sets' => 3, 'tempo' => '5-0-2-0'], Decision::Stay, null, 'family'],
    'all sets, no tempo' => [['sets' => 3], Decision::Stay, null, 'family'],
]);

it('stays below a rung that is under water and says what holds it there', function (): void {
    $next = reviewed(
        'heel_drop', 'soft', Goal::StrengthOlder, REPS, ['reps' => 12, 'effort' => 7],
        ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]],
    );
    $says = array_map(static fn ($r): string => $r->says, $next->proposal->because);
    expect($next->rung->code)->toBe('soft')
        ->and($next->proposal->lever?->value)->toBe('sets')
        ->and(implode(' ', $says))->toContain('under water');
});

it('measures a fragile client before a rung that the measures have not opened', function (
    array $measures, Decision $decision, string $rung,
): void {
    $next = reviewed(
        'heel_raise', 'two_hands', Goal::StrengthOlder, REPS, ['reps' => 12, 'effort' => 7],
        ['birth_date' => '1940-01-01'], $measures,
    );
    expect($next->proposal->decision)->toBe($decision)->and($next->rung->code)->toBe($rung);
})->with([
    'not measured' => [[], Decision::Retest, 'two_hands'],
    'measured too low' => [
        // Held for 3 s, a hand stays on something fixed: the next lever is another one.
        [['test' => 'tandem_stand', 'value' => 3], ['test' => 'chair_stand_30s', 'value' => 9]], Decision::StepUp,
        'two_hands',
    ],
    'opened' => [
        [['test' => 'tandem_stand', 'value' => 10], ['test' => 'chair_stand_30s', 'value' => 9]], Decision::StepUp,
        'fingertips',
    ],
]);

it('moves another lever of a fragile client once a test was asked for', function (): void {
    $next = reviewed(
        'heel_raise', 'two_hands', Goal::StrengthOlder, REPS, ['reps' => 12, 'effort' => 7],
        ['birth_date' => '1940-01-01'], asked: Day::of(Made::TODAY)->plus(-5),
    );
    expect([$next->proposal->decision, $next->proposal->lever?->value])->toBe([Decision::StepUp, 'sets'])
        ->and(rulesBehind($next))->toBe(['good_sessions', 'lever.rung', 'rung.not_open', 'lever.sets']);
});

const ONE_THIGH = ['conditions' => [['code' => 'bone_metastasis', 'side' => 'left', 'detail' => ['femur']]]];

it('does not let one side go where both went together, and looks on past such a rung', function (): void {
    $held = reviewed('heel_raise', 'fingertips', Goal::StrengthOlder, REPS, ['reps' => 12, 'effort' => 5], ONE_THIGH);
    $says = implode(' ', array_column($held->proposal->because, 'says'));
    expect($held->rung->code)->toBe('fingertips')->and($says)->toContain('open on one side only');
    $past = reviewed('leg_compass', 'one_hand', Goal::StrengthOlder, REPS, ['reps' => 12, 'effort' => 5], [
        'conditions' => [['code' => 'hip_replacement_posterior', 'side' => 'left']],
    ]);
    expect($past->rung->code)->toBe('cuff');
    // Each side at its own pace: one waits for the other, and says so.
    $waits = reviewed('side_leg', 'up', Goal::StrengthOlder, REPS, ['reps' => 12, 'effort' => 5], ONE_THIGH);
    expect([$waits->rung->code, $waits->proposal->decision])->toBe(['up', Decision::Stay])
        ->and(rulesBehind($waits))->toContain('sides.wait');
});

it('goes down to a rung with a load from one without', function (): void {
    $next = reviewed(
        'hip_thrust', 'one', Goal::StrengthOlder, [...REPS, 'sets' => 1], ['reps' => 5, 'effort' => 9],
        kit: Made::kit([['id' => 'a', 'mass_g' => 2000], ['id' => 'b', 'mass_g' => 4000]]),
    );
    expect([$next->proposal->decision, $next->rung->code])->toBe([Decision::Ease, 'load'])
        ->and($next->proposal->dose->loadG)->not->toBeNull();
});

it('goes down with the heaviest load that is no more than now, and not at all where there is none', function (
    array $masses, ?int $grams, string $rung, string $says,
): void {
    $next = reviewed(
        'curl',
        'each_hand',
        Goal::StrengthOlder,
        [...REPS, 'sets' => 1, 'load_g' => 150],
        ['reps' => 8, 'effort' => 7, 'load_g' => 150],
        session: ['pain' => ['before' => 0, 'during' => 6]],
        kit: Made::kit(
            array_map(
                // Of the lightest for two hands there are two; the others are for one.
                static fn (int $g): array => [
                    'id' => "p$g",
                    'label' => "$g g",
                    'mass_g' => $g,
                    'count' => $g >= 150 ? 2 : 1,
                ],
                $masses,
            ),
        ),
    );
    expect([$next->proposal->decision, $next->rung->code, $next->proposal->dose->loadG])
        ->toBe([Decision::Ease, $rung, $grams])
        ->and(implode(' ', array_column($next->proposal->because, 'says')))
        ->toContain($says);
})->with([
    'several below' => [[100, 120, 150, 900, 2000], 150, 'one_arm', ''],
    'none below' => [[1000, 2000], 150, 'each_hand', 'even the lightest load there is more than now'],
]);

it('looks on down past a rung whose lightest load is more than now', function (): void {
    $next = reviewed(
        'curl', 'standing', Goal::StrengthOlder, [...REPS, 'sets' => 1, 'load_g' => 150],
        ['reps' => 8, 'effort' => 7, 'load_g' => 150], session: ['pain' => ['before' => 0, 'during' => 6]],
        kit: Made::kit([
            ['id' => 'one', 'label' => 'One', 'mass_g' => 100, 'count' => 1],
            ['id' => 'pair', 'label' => 'Pair', 'mass_g' => 1000, 'count' => 2],
        ]),
    );
    expect([$next->rung->code, $next->proposal->dose->loadG])->toBe(['one_arm', 100]);
});

it('offers another exercise of the pattern where nothing has moved for weeks', function (): void {
    $situation = Made::situation(Made::client(), Made::measures([]), Made::kitchen());
    $here = Made::at($situation, 'heel_raise/two_hands');
    $history = array_map(
        static fn (int $ago): Performed => Performed::read(
            new Bag([
                'date' => (string) Day::of(Made::TODAY)->plus(-$ago),
                'sets' => array_fill(0, 2, ['reps' => 12, 'effort' => 8.5]),
            ]),
        ),
        [2, 6, 10, 14, 18, 22, 26, 30],
    );
    $next = (new Reviewer($situation, new Wishes()))->review(
        new Exercise($here, Goal::StrengthOlder, Dose::read(new Bag(REPS)), $history),
    );
    expect(rulesBehind($next))->toContain('plateau')->and($next->proposal->decision)->toBe(Decision::Stay)
        ->and(array_map(static fn ($o): string => $o->lever, $next->proposal->offers))->toContain('retest', 'sets');
});

it('asks nobody to look at a jump of the estimate behind a red flag', function (bool $stop): void {
    $next = reviewed(
        'tote_row', 'hand_chair', Goal::StrengthOlder, [...REPS, 'load_g' => 5000],
        ['reps' => 12, 'effort' => 7, 'load_g' => 9000],
        measures: [
            [
                'test' => 'easy_set',
                'family' => 'tote_row',
                'rung' => 'hand_chair',
                'on' => '2026-11-10',
                'load_g' => 5000,
                'reps' => 8,
                'rir' => 3,
            ],
        ],
        kit: Made::kit([['id' => 'a', 'mass_g' => 5000], ['id' => 'b', 'mass_g' => 9000]]),
        session: $stop ? ['stop_sign' => true] : [], before: ['reps' => 12, 'effort' => 7, 'load_g' => 5000],
    );
    expect($next->proposal->decision === Decision::Stop)->toBe($stop)
        ->and(in_array('estimate.jump', rulesBehind($next), true))->toBe(! $stop);
})->with([true, false]);

it('starts the seconds of movement again at the bottom after a load step', function (): void {
    $next = reviewed(
        'curl', 'one_arm', Goal::StrengthOlder,
        ['sets' => 2, 'seconds' => ['lo' => 55, 'hi' => 60], 'effort' => ['lo' => 6, 'hi' => 8], 'load_g' => 5000],
        ['seconds' => 60, 'effort' => 6, 'load_g' => 5000],
        kit: Made::kit([['id' => 'a', 'mass_g' => 5000], ['id' => 'b', 'mass_g' => 5500]]),
    );
    expect([$next->proposal->lever?->value, $next->proposal->dose->loadG])->toBe(['load', 5500])
        ->and($next->proposal->dose->amount->lo)->toBeLessThan(55);
});

it('never progresses a warm-up', function (): void {
    $next = reviewed(
        'march',
        'seated',
        Goal::WarmUp,
        ['sets' => 1, 'seconds' => ['lo' => 180, 'hi' => 300], 'effort' => ['lo' => 2, 'hi' => 4]],
        ['seconds' => 300, 'effort' => 3],
    );
    expect($next->proposal->decision)->toBe(Decision::Stay);
});

it('starts the reps again at the bottom of the goal after a load step', function (): void {
    $kit = Made::kit([['id' => 'a', 'mass_g' => 5000], ['id' => 'b', 'mass_g' => 5500]]);
    $next = reviewed(
        'tote_row',
        'hand_chair',
        Goal::StrengthOlder,
        [...REPS, 'reps' => ['lo' => 8, 'hi' => 16], 'load_g' => 5000],
        ['reps' => 16, 'effort' => 7, 'load_g' => 5000],
        kit: $kit,
    );
    expect($next->proposal->lever?->value)->toBe('load')
        ->and($next->proposal->dose->loadG)->toBe(5500)
        ->and($next->proposal->dose->amount->label())->toBe('8-12');
});

it('steps down a rung when nothing else can be eased', function (): void {
    $next = reviewed(
        'heel_raise', 'fingertips', Goal::StrengthOlder, [...REPS, 'sets' => 1], ['reps' => 5, 'effort' => 9],
    );
    expect($next->proposal->decision)->toBe(Decision::Ease)
        ->and($next->rung->code)->toBe('two_hands');
});

describe('needs', function (): void {
    $of = static fn (
        array $with = [],
    ): array => array_map(static fn ($n): string => $n->kind->mark()->value.' '.$n
        ->stage, Needs::of(new Standing(...[...[
            'on' => Day::of(Made::TODAY),
            'stopSign' => null,
            'clearanceMissing' => null,
            'breaches' => [],
            'proposals' => [],
            'waiting' => [],
            'crossings' => [],
            'hasIssued' => true,
            'hasDraft' => false,
            'lastMeasured' => Day::of('2026-11-20'),
            'lastSession' => Day::of('2026-11-23'),
        ], ...$with])));

    it('is quiet when nothing is due', fn () => expect($of())->toBe([]));

    it('puts a red flag before everything', function () use ($of): void {
        expect(
            $of(
                [
                    'stopSign' => 'faintness', 'breaches' => ['x'], 'proposals' => ['step_up' => ['a']],
                    'hasDraft' => true,
                ],
            )[0],
        )->toBe('stop review');
    });

    it('puts easing before measuring before stepping up', function () use ($of): void {
        expect(
            $of(['proposals' => ['step_up' => ['a'], 'retest' => ['b'], 'ease' => ['c']]]),
        )->toBe(['ease review', 'look review', 'up review']);
    });

    it('asks for what comes next when there is no plan', function () use ($of): void {
        expect($of(['hasIssued' => false, 'lastMeasured' => null]))->toBe(['look measure'])
            ->and($of(['hasIssued' => false]))->toBe(['look plan'])
            ->and($of(['hasIssued' => false, 'hasDraft' => true]))->toBe(['look plan']);
    });

    it('asks for a re-test on its day and not the day before', function () use ($of): void {
        expect($of(['lastMeasured' => Day::of(Made::TODAY)->plus(-27)]))->toBe([])
            ->and($of(['lastMeasured' => Day::of(Made::TODAY)->plus(-28)]))->toBe(['look measure'])
            ->and(
                $of(['lastMeasured' => Day::of(Made::TODAY)->plus(-28), 'retestDays' => Retest::LATER_DAYS]),
            )->toBe([]);
    });

    it('asks for a re-test at once when something happened since the last', function () use ($of): void {
        expect($of(['retestBecause' => 'a fall was reported.']))->toBe(['look measure'])
            ->and(
                $of(['retestBecause' => 'a fall was reported.', 'hasIssued' => false, 'hasDraft' => true]),
            )->toBe(['look plan']);
    });

    it('notices a missed week', function () use ($of): void {
        expect($of(['lastSession' => Day::of(Made::TODAY)->plus(-6)]))->toBe([])
            ->and($of(['lastSession' => Day::of(Made::TODAY)->plus(-7)]))->toBe(['look log']);
    });

    it('shows a date ahead a fortnight before', function () use ($of): void {
        $crossing = static fn (int $days): array => [
            new Crossing(Day::of(Made::TODAY)->plus($days), 'x', 'changes.', true),
        ];
        expect($of(['crossings' => $crossing(15)]))->toBe([])
            ->and($of(['crossings' => $crossing(14)]))->toBe(['look limits']);
    });
});

it('re-tests after four weeks in the first block or with a side that lags, else after eight', function (
    array $client, MeasureSet $measures, int $days,
): void {
    $situation = Made::situation(Made::client($client), $measures, new Kit);
    expect(Retest::days($situation))->toBe($days)
        // The weeks chosen for the block bring it forward and never put it off.
        ->and(Retest::days($situation, 4))->toBe(28)
        ->and(Retest::days($situation, 6))->toBe(min($days, 42))
        ->and(Retest::days($situation, 8))->toBe($days);
})->with([
    'trained' => fn () => [[], new MeasureSet, 56],
    'new' => fn () => [['training' => ['level' => 'new']], new MeasureSet, 28],
    'stroke, first block' => fn () => [
        ['conditions' => [['code' => 'stroke_hemiparesis', 'side' => 'left']]], new MeasureSet, 28,
    ],
    'one side lags' => fn () => [
        [],
        Made::measures(
            [
                ['test' => 'one_leg_stand', 'side' => 'left', 'value' => 5],
                ['test' => 'one_leg_stand', 'side' => 'right', 'value' => 20],
            ],
        ),
        28,
    ],
]);
