<?php

declare(strict_types=1);

use BuoyantStep\Core\Cli\CommandLine;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\OpenPlan;
use BuoyantStep\Core\Tests\Support\Made;
use Opis\JsonSchema\Validator;

/** @return array{int, array<string, mixed>} */
function buoy(string $verb, mixed $input): array
{
    [$code, $text] = CommandLine::run(
        [$verb], static fn (): string => is_string($input) ? $input : json_encode($input),
    );

    return [$code, json_decode($text, true)];
}

const CLIENT = ['birth_date' => '1944-03-02', 'sex' => 'female', 'body_mass_kg' => 61, 'height_mm' => 1580];

it('answers each verb to its contract', function (): void {
    expect(buoy('e1rm', ['load_g' => 8000, 'reps' => 10, 'rir' => 3]))->toBe(
        [0, ['e1rm_g' => 11467, 'formula' => 'epley', 'confidence' => 'fair']],
    )
        ->and(buoy('e1rm', ['load_g' => 8000, 'reps' => 20, 'rir' => 3, 'formula' => 'auto'])[1]['e1rm_g'])->toBeNull();
    [, $loads] = buoy(
        'loads',
        [
            'pieces' => [
                [
                    'id' => 'a', 'mass_g' => 1000, 'count' => 1, 'grip' => 'power', 'holdable' => true,
                    'packable' => false,
                ],
                [
                    'id' => 'b', 'mass_g' => 2000, 'count' => 1, 'grip' => 'power', 'holdable' => true,
                    'packable' => false,
                ],
            ],
            'carriers' => [],
            'holding' => 'one_hand',
            'target_g' => 1100,
            'cap_g' => 1500,
        ],
    );
    expect($loads['ladder_g'])->toBe([1000])
        ->and($loads['best']['parts'])->toBe([['id' => 'a', 'count' => 1]])
        ->and($loads['next_up'])->toMatchArray(['load_g' => 2000, 'over_cap' => true])
        ->and($loads['next_down'])->toBeNull();
    [, $limits] = buoy(
        'limits',
        [
            'client' => [...CLIENT, 'conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]],
            'on' => Made::TODAY,
        ],
    );
    expect($limits['envelope']['load_pct_max']['value'])->toBe(60)
        ->and(array_keys($limits))->toBe(['envelope', 'crossings'])
        ->and(
            array_values(
                array_filter($limits['envelope']['load_pct_max']['because'], static fn (array $b): bool => $b['wins']),
            )[0]['rule'],
        )->toBe('osteoporosis');
    [$code, $next] = buoy(
        'next',
        [
            'school' => 'reps_then_load',
            'dose' => ['sets' => 1, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 6]],
            'history' => [],
            'on' => Made::TODAY,
            'client' => CLIENT,
        ],
    );
    expect($code)->toBe(0)->and($next['decision'])->toBe('stay');
});

it('reports scoped limits beside those for everything', function (): void {
    [, $answer] = buoy(
        'limits',
        [
            'client' => [
                ...CLIENT,
                'conditions' => [['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => ['painful_shoulder']]],
            ],
            'on' => Made::TODAY,
        ],
    );
    expect($answer['envelope']['avoid_motions']['value'])->toBe([])
        ->and($answer['envelope']['avoid_motions']['scoped'][0])->toMatchArray(
            [
                'region' => 'upper',
                'side' => 'left',
                'value' => ['carry_standing', 'shoulder_past_90', 'weight_on_hand'],
            ],
        )
        ->and($answer['envelope']['watches']['value'])->toBe([['what' => 'bp', 'when' => 'before']]);
});

it('says where the input is wrong, with exit code two', function (
    string $verb, mixed $input, string $code, string $pointer,
): void {
    [$exit, $answer] = buoy($verb, $input);
    expect($exit)->toBe(2)
        ->and($answer['error']['code'])->toBe($code)
        ->and($answer['error']['pointer'])->toBe($pointer)
        ->and($answer['error']['message'])->not->toBe('');
})->with([
    'not JSON' => ['e1rm', '{"load_g":', 'invalid_json', ''],
    'a list' => ['e1rm', [1], 'invalid_json', ''],
    'a missing field' => ['e1rm', ['load_g' => 1000, 'reps' => 5], 'missing_field', '/rir'],
    'an unknown field' => ['e1rm', ['load_g' => 1000, 'reps' => 5, 'rir' => 1, 'lb' => 1], 'unknown_field', '/lb'],
    'negative reps' => ['e1rm', ['load_g' => 1000, 'reps' => -5, 'rir' => 1], 'invalid_input', '/reps'],
    'fractional reps' => ['e1rm', ['load_g' => 1000, 'reps' => 5.5, 'rir' => 1], 'invalid_input', '/reps'],
    'an unknown formula' => [
        'e1rm', ['load_g' => 1000, 'reps' => 5, 'rir' => 1, 'formula' => 'lombardi'], 'invalid_input', '/formula',
    ],
    'an unknown condition' => [
        'limits',
        ['client' => [...CLIENT, 'conditions' => [['code' => 'gout']]], 'on' => Made::TODAY],
        'unknown_condition',
        '/client/conditions/0/code',
    ],
    'a date that does not exist' => [
        'limits',
        ['client' => [...CLIENT, 'birth_date' => '1944-02-31'], 'on' => Made::TODAY],
        'invalid_input',
        '/client/birth_date',
    ],
    'a birth after the day' => [
        'limits',
        ['client' => [...CLIENT, 'birth_date' => '2030-01-01'], 'on' => Made::TODAY],
        'invalid_input',
        '/client/birth_date',
    ],
    'a mass out of human range' => [
        'limits',
        ['client' => [...CLIENT, 'body_mass_kg' => 6100], 'on' => Made::TODAY],
        'invalid_input',
        '/client/body_mass_kg',
    ],
    'an unknown field deep down' => [
        'limits',
        ['client' => [...CLIENT, 'function' => ['grips' => 1]], 'on' => Made::TODAY],
        'unknown_field',
        '/client/function/grips',
    ],
    'an end before its start' => [
        'limits',
        [
            'client' => [
                ...CLIENT,
                'conditions' => [['code' => 'osteoporosis', 'since' => '2026-05-01', 'until' => '2026-04-01']],
            ],
            'on' => Made::TODAY,
        ],
        'invalid_input',
        '/client/conditions/0/until',
    ],
    'a session in the future' => [
        'next',
        [
            'school' => 'reps_then_load',
            'dose' => ['sets' => 1, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 6]],
            'history' => [['date' => '2026-12-24', 'sets' => [['reps' => 8, 'effort' => 5]]]],
            'on' => Made::TODAY,
            'client' => CLIENT,
        ],
        'invalid_input',
        '/history/0/date',
    ],
    'a school that is not built' => [
        'next',
        [
            'school' => 'load_first',
            'dose' => ['sets' => 1, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 6]],
            'history' => [],
            'on' => Made::TODAY,
            'client' => CLIENT,
        ],
        'unknown_school',
        '/school',
    ],
    'an unknown symptom' => [
        'gate',
        ['client' => CLIENT, 'on' => Made::TODAY, 'symptoms' => ['chestpain']],
        'unknown_symptom',
        '/symptoms/0',
    ],
    'an implausible pressure' => [
        'gate',
        ['client' => CLIENT, 'on' => Made::TODAY, 'readings' => ['sbp' => 400]],
        'invalid_input',
        '/readings/sbp',
    ],
    'neither demands nor rung' => ['judge', ['client' => CLIENT, 'on' => Made::TODAY], 'invalid_input', '/demands'],
    'an unknown rung' => [
        'judge', ['client' => CLIENT, 'on' => Made::TODAY, 'rung' => 'curl/kneeling'], 'unknown_rung', '/rung',
    ],
    'an unknown family' => [
        'judge', ['client' => CLIENT, 'on' => Made::TODAY, 'rung' => 'kurl/seated'], 'unknown_family', '/rung',
    ],
    'a position that is none' => [
        'judge',
        ['client' => CLIENT, 'on' => Made::TODAY, 'demands' => ['position' => 'suppine', 'region' => 'lower']],
        'invalid_input',
        '/demands/position',
    ],
    'a motion that is none' => [
        'judge',
        [
            'client' => CLIENT,
            'on' => Made::TODAY,
            'demands' => ['position' => 'standing', 'region' => 'lower', 'motions' => ['hop']],
        ],
        'invalid_input',
        '/demands/motions/0',
    ],
    'a material that is none' => [
        'judge',
        [
            'client' => CLIENT,
            'on' => Made::TODAY,
            'demands' => ['position' => 'standing', 'region' => 'lower', 'material' => ['rubber']],
        ],
        'invalid_input',
        '/demands/material/0',
    ],
    'both demands and rung' => [
        'judge',
        [
            'client' => CLIENT, 'on' => Made::TODAY, 'rung' => 'curl/seated',
            'demands' => ['position' => 'standing', 'region' => 'lower'],
        ],
        'invalid_input',
        '/demands',
    ],
    'an unknown verb' => ['lods', [], 'unknown_verb', ''],
]);

it('answers every verb with the fields of its contract', function (string $verb, array $input, array $fields): void {
    [$exit, $answer] = buoy($verb, $input);
    expect($exit)->toBe(0, json_encode($answer))->and(array_keys($answer))->toBe($fields);
})->with([
    'e1rm' => ['e1rm', ['load_g' => 10_000, 'reps' => 6, 'rir' => 2], ['e1rm_g', 'formula', 'confidence']],
    'loads' => [
        'loads',
        ['pieces' => [], 'carriers' => [], 'holding' => 'one_hand', 'target_g' => 1000, 'cap_g' => 2000],
        ['ladder_g', 'best', 'next_up', 'next_down'],
    ],
    'band' => [
        'band',
        [
            'rest_length_mm' => 1200, 'points' => [['elongation_pct' => 50, 'force_n' => 15]], 'start_mm' => 1300,
            'end_mm' => 1500,
        ],
        [
            'start_mm', 'end_mm', 'start_n', 'middle_n', 'end_n', 'mean_n', 'start_elongation_pct',
            'end_elongation_pct', 'taut', 'within_limit',
        ],
    ],
    'limb' => [
        'limb',
        ['body_mass_kg' => 70, 'height_mm' => 1700, 'segment' => 'leg', 'added_g' => 1000],
        ['limb_torque_nm', 'added_torque_nm', 'added_pct'],
    ],
    'pushup' => ['pushup', ['height_mm' => 1750, 'from' => 'toes', 'hands_mm' => 305], ['fraction']],
    'limits' => ['limits', ['client' => CLIENT, 'on' => Made::TODAY], ['envelope', 'crossings']],
    'gate' => [
        'gate',
        ['client' => CLIENT, 'on' => Made::TODAY, 'readings' => ['sbp' => 120, 'dbp' => 70]],
        ['verdict', 'because', 'actions', 'unknown'],
    ],
    'judge' => [
        'judge',
        ['client' => CLIENT, 'on' => Made::TODAY, 'rung' => 'heel_raise/seated'],
        ['verdict', 'changes', 'because'],
    ],
]);

it('writes out an envelope field by field, whole even where nothing limits', function (): void {
    [, $answer] = buoy(
        'limits',
        [
            'client' => [
                ...CLIENT,
                'function' => [
                    'standing' => 'free', 'floor_transfer' => 'alone', 'home' => 'carer',
                    'grip' => ['left' => 'full', 'right' => 'full'],
                ],
            ],
            'on' => Made::TODAY,
        ],
    );
    expect(array_keys($answer['envelope']))->toBe([
        'clearance', 'effort_max', 'load_pct_max', 'lift_max_g', 'reps_min', 'reps_max', 'hold_max_s', 'breath',
        'avoid_positions', 'avoid_motions', 'impact_max', 'support_min', 'spine_load_max', 'surface_max', 'vision',
        'supervision_min', 'step_pct_max', 'sessions_between_steps', 'rest_min_s', 'hours_between_same_muscle',
        'avoid_parts', 'avoid_material', 'watches', 'heart_rate_valid', 'stop_signs', 'notes',
    ]);
    foreach ($answer['envelope'] as $field => $row) {
        expect($row)->toHaveKeys(['value', 'because']);
        foreach ($row['because'] as $because) {
            expect(array_keys($because))->toBe(['rule', 'says', 'source', 'wins'], $field);
        }
    }
    expect($answer['envelope']['step_pct_max']['value'])->toBe(10)
        ->and($answer['envelope']['sessions_between_steps']['value'])->toBe(2)
        ->and($answer['envelope']['hours_between_same_muscle']['value'])->toBe(48)
        ->and($answer['crossings'])->toBe([]);
});

it('foresees in the crossings of a pregnancy', function (): void {
    [, $answer] = buoy(
        'limits',
        [
            'client' => [...CLIENT, 'birth_date' => '1994-01-01', 'pregnancy' => ['due_date' => '2027-04-24']],
            'on' => Made::TODAY,
        ],
    );
    expect(array_keys($answer['crossings'][0]))->toBe(['date', 'rule', 'says'])
        ->and($answer['crossings'][0]['date'])->toBe('2026-12-05');
});

it('lists the codes it knows', function (): void {
    [, $conditions] = buoy('conditions', (object) []);
    [, $symptoms] = buoy('symptoms', (object) []);
    expect(array_column($conditions['conditions'], 'code'))->toContain(
        'osteoporosis', 'hypertension_controlled', 'stroke_hemiparesis', 'spinal_cord_injury_t6_or_above',
    )
        ->and(json_encode($symptoms))->toContain('chest_pain', 'faintness', 'vaginal_bleeding', 'dysreflexia_signs');
});

it('lists its verbs, and prints the schema it checks with', function (): void {
    expect(CommandLine::run([], static fn (): string => '')[1])->toContain('e1rm', 'loads', 'limits', 'next');
    foreach (CommandLine::verbs() as $verb) {
        expect(
            json_decode(CommandLine::run([$verb->name(), '--schema'], static fn (): string => '')[1]),
        )->toBeObject($verb->name());
    }
});

it('never warns, whatever it is given', function (): void {
    $made = new Made(61);
    $junk = [null, true, -1, 0, 1.5, 1e308, PHP_INT_MAX, '', 'x', "\u{0}", [], [[]], ['a' => 1], str_repeat('9', 400)];
    $inputs = [
        'e1rm' => ['load_g' => 5000, 'reps' => 8, 'rir' => 2, 'formula' => 'auto'],
        'loads' => [
            'pieces' => [
                [
                    'id' => 'a', 'label' => 'a', 'mass_g' => 500, 'count' => 3, 'grip' => 'power', 'holdable' => true,
                    'packable' => true,
                ],
            ],
            'carriers' => [
                [
                    'id' => 't', 'label' => 't', 'mass_g' => 100, 'count' => 1, 'max_mass_g' => 5000, 'max_pieces' => 5,
                    'grip' => 'hook',
                ],
            ],
            'holding' => 'one_hand',
            'target_g' => 900,
            'cap_g' => 2000,
        ],
        'limits' => [
            'client' => [
                ...Made::form(),
                'conditions' => [
                    ['code' => 'osteoporosis', 'side' => 'left', 'since' => '2026-01-01', 'detail' => ['x']],
                ],
                'pregnancy' => ['due_date' => '2027-01-01'],
            ],
            'on' => Made::TODAY,
            'measures' => [['test' => 'tandem_stand', 'value' => 5]],
        ],
        'band' => [
            'rest_length_mm' => 1200,
            'points' => [['elongation_pct' => 25, 'force_n' => 9], ['elongation_pct' => 50, 'force_n' => 15]],
            'travel_mm' => 300,
            'target' => ['at' => 'mean', 'force_n' => 10],
        ],
        'limb' => ['body_mass_kg' => 70, 'height_mm' => 1700, 'segment' => 'arm', 'added_g' => 1000, 'at' => 'hand'],
        'pushup' => ['height_mm' => 1750, 'from' => 'toes', 'hands_mm' => 300],
        'gate' => [
            'client' => Made::form(),
            'on' => Made::TODAY,
            'readings' => ['sbp' => 120, 'dbp' => 70, 'spo2' => 97, 'repeat' => false],
            'symptoms' => ['dizziness'],
            'pain' => 2,
            'open_stop_signs' => ['faintness, 20 November 2026'],
        ],
        'judge' => [
            'client' => Made::form(),
            'on' => Made::TODAY,
            'demands' => [
                'position' => 'standing', 'motions' => ['single_leg_load'], 'region' => 'lower', 'impact' => 0,
                'hold_s' => 5,
            ],
        ],
        'measures' => [
            'client' => Made::form(),
            'on' => Made::TODAY,
            'results' => [
                ['test' => 'grip', 'side' => 'left', 'value' => 20],
                ['test' => 'easy_set', 'load_g' => 3000, 'reps' => 8, 'rir' => 2],
            ],
        ],
        'next' => [
            'school' => 'reps_then_load',
            'dose' => DOSE_FORM,
            'history' => [
                [
                    'date' => '2026-11-20', 'sets' => [['reps' => 12, 'effort' => 6, 'load_g' => 5000]],
                    'pain' => ['before' => 1],
                ],
            ],
            'on' => Made::TODAY,
            'client' => Made::form(),
            'ladder_g' => [4000, 5000, 6000],
        ],
    ];
    set_error_handler(static function (int $level, string $message, string $file, int $line): never {
        throw new ErrorException($message, 0, $level, $file, $line);
    });
    try {
        for ($i = 0; $i < 4000; $i++) {
            $verb = $made->one(array_keys($inputs));
            $input = spoil($inputs[$verb], $made, $junk);
            [$exit, $text] = CommandLine::run([$verb], static fn (): string => (string) json_encode($input));
            $answer = json_decode($text, true);
            if (
                ! in_array($exit, [0, 2], true)
                || ! is_array($answer)
                || ($answer['error']['code'] ?? '') === 'internal'
            ) {
                $this->fail("$verb: ".json_encode($input)." gave $text");
            }
        }
    } finally {
        restore_error_handler();
    }
    expect($i)->toBe(4000);
});

const DOSE_FORM = [
    'sets' => 1, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 8], 'load_g' => 5000,
    'per' => 'total',
];

/** One value anywhere in the input replaced by junk, or one key taken away. */
function spoil(array $input, Made $made, array $junk): array
{
    $key = $made->one(array_keys($input));
    if (is_array($input[$key]) && $input[$key] !== [] && $made->chance(70)) {
        $input[$key] = spoil($input[$key], $made, $junk);
    } elseif ($made->chance(20)) {
        unset($input[$key]);
    } else {
        $input[$key] = $made->one($junk);
    }

    return $input;
}

it('runs as a program of its own, in milliseconds and without the framework', function (): void {
    $process = proc_open(
        [PHP_BINARY, dirname(__DIR__, 3).'/bin/buoy', 'e1rm'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes,
    );
    fwrite($pipes[0], '{"load_g":10000,"reps":6,"rir":2}');
    fclose($pipes[0]);
    expect(json_decode((string) stream_get_contents($pipes[1]), true)['e1rm_g'])->toBe(12414)
        ->and(stream_get_contents($pipes[2]))->toBe('')
        ->and(proc_close($process))->toBe(0);
});

it('gives the estimate in use, from what was measured and logged, of all that is lifted', function (
    array $with, ?int $grams, string $from, string $confidence, bool $system,
): void {
    [$exit, $answer] = buoy('estimate', [
        'client' => ['birth_date' => '1960-01-01', 'sex' => 'female', 'body_mass_kg' => 60, 'height_mm' => 1650],
        'on' => '2026-11-25', ...$with,
    ]);
    expect($exit)->toBe(0)
        ->and([$answer['e1rm_g'], $answer['from'], $answer['confidence'], $answer['system']])
        ->toBe([$grams, $from, $confidence, $system])
        ->and($answer['because'][0]['says'])->not->toBe('');
})->with([
    'nothing' => [[], null, 'none', 'none', false],
    'an easy set' => [
        ['family' => 'tote_row', 'easy_sets' => [['load_g' => 6000, 'reps' => 8, 'rir' => 2]]], 8000, 'easy_set',
        'good', false,
    ],
    'a rise' => [
        ['family' => 'seat_rise', 'easy_sets' => [['load_g' => 6000, 'reps' => 8, 'rir' => 2]]], 80_000, 'easy_set',
        'good', true,
    ],
    'counted with the body, without a family' => [
        ['system' => true, 'easy_sets' => [['load_g' => 0, 'reps' => 8, 'rir' => 2]]], 72_000, 'easy_set', 'good', true,
    ],
    'a log that is newer' => [
        [
            'family' => 'tote_row',
            'easy_sets' => [['load_g' => 6000, 'reps' => 8, 'rir' => 2, 'on' => '2026-11-01']],
            'history' => [[
                'date' => '2026-11-20', 'sets' => [['reps' => 8, 'effort' => 8, 'load_g' => 6600]],
            ]],
        ], 8800, 'log', 'good', false,
    ],
]);

it('takes the next dose of a rung of the catalogue with what is lifted along', function (): void {
    $set = ['reps' => 12, 'effort' => 7, 'load_g' => 1000];
    [$exit, $answer] = buoy('next', [
        'client' => [
            'birth_date' => '1970-01-01', 'sex' => 'female', 'body_mass_kg' => 61, 'height_mm' => 1650,
            'training' => ['level' => 'trained'],
            'function' => ['grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'free'],
        ],
        'on' => '2026-11-25', 'school' => 'reps_then_load', 'rung' => 'seat_rise/load_close',
        'kit' => ['pieces' => array_map(static fn (int $kg): array => [
            'id' => "p$kg", 'label' => "$kg kg", 'mass_g' => 1000 * $kg, 'count' => 1, 'grip' => 'soft',
            'holdable' => true, 'packable' => true,
        ], [1, 2])],
        'dose' => [
            'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'load_g' => 1000,
        ],
        'history' => [
            ['date' => '2026-11-20', 'sets' => [$set, $set]], ['date' => '2026-11-23', 'sets' => [$set, $set]],
        ],
    ]);
    // 1 to 2 kg held is +1.8 % of 55.9 kg: a step, and no doubling.
    expect($exit)->toBe(0)
        ->and($answer['decision'])->toBe('step_up')->and($answer['lever'])->toBe('load')
        ->and($answer['dose']['load_g'])->toBe(2000)
        ->and($answer['system'])->toBeTrue()
        ->and($answer['rung'])->toBe('seat_rise/load_close')
        ->and($answer['estimate']['from'])->toBe('log');
});

it('drafts a plan in the open format, the same each time, and reads its own again', function (): void {
    $input = [
        'client' => [...CLIENT, 'conditions' => [['code' => 'falls_risk_high']], 'function' => [
            'grip' => ['left' => 'fair', 'right' => 'fair'], 'standing' => 'free', 'home' => 'alone',
        ]],
        'on' => Made::TODAY,
        'measures' => [['test' => 'chair_stand_30s', 'value' => 9], ['test' => 'tandem_stand', 'value' => 6]],
        'kit' => ['pieces' => [[
            'id' => 'can', 'label' => 'Can', 'mass_g' => 480, 'count' => 4, 'grip' => 'power', 'holdable' => true,
            'packable' => true,
        ]], 'carriers' => []],
        'home' => ['things' => ['chair', 'counter', 'wall', 'bed'], 'door' => 'none'],
        'wishes' => [
            'days' => [1, 4], 'minutes' => 30, 'goals' => ['stairs', 'shopping'], 'exclude' => ['position:floor'],
            'max_exercises' => 6, 'structure' => 'pairs', 'session' => ['activation' => true],
        ],
    ];
    [$code, $plan] = buoy('draft', $input);
    expect($code)->toBe(0)->and(buoy('draft', $input)[1])->toBe($plan)
        ->and([$plan['format'], $plan['version'], $plan['structure']])->toBe(['buoyant-step/plan', 1, 'pairs'])
        ->and($plan['wishes']['goals'])->toBe(['stairs', 'shopping'])
        ->and(count($plan['items']))->toBeLessThanOrEqual(7)
        ->and($plan['minutes'])->toBeLessThanOrEqual(30);
    $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/schema/plan.json'));
    $json = (string) json_encode($plan);
    expect((new Validator)->validate(json_decode($json), $schema)->isValid())->toBeTrue();
    $read = OpenPlan::read(Bag::decode($json), Catalogue::standard());
    expect(json_decode((string) json_encode($read), true))->toBe($plan);
});

it('keeps what was done, and doses by what its sets told', function (): void {
    $input = [
        'client' => [...CLIENT, 'function' => [
            'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'free', 'home' => 'someone_home',
        ]],
        'on' => Made::TODAY, 'measures' => [['test' => 'chair_stand_30s', 'value' => 12]],
        'kit' => ['pieces' => [[
            'id' => 'can', 'label' => 'Can', 'mass_g' => 480, 'count' => 4, 'grip' => 'power', 'holdable' => true,
            'packable' => true,
        ]], 'carriers' => []],
        'home' => ['things' => ['chair', 'counter', 'wall', 'bed'], 'door' => 'none'],
        'wishes' => ['days' => [1, 4], 'minutes' => 30, 'weeks' => 6],
    ];
    $plain = buoy('draft', $input)[1];
    $of = static fn (array $plan): array => array_column($plan['items'], null, 'family');
    expect($plain['block'])->toBe(['weeks' => 6, 'easier' => false])->and($of($plain))->not->toHaveKey('wall_sit');
    $dose = ['sets' => 1, 'hold' => ['lo' => 15, 'hi' => 15], 'effort' => ['lo' => 5, 'hi' => 6], 'rest_s' => 60];
    $sessions = [['date' => '2026-11-20', 'sets' => [['hold' => 15, 'effort' => 6]]]];
    $kept = $of(buoy('draft', [...$input, 'history' => [
        ['rung' => 'wall_sit/high', 'dose' => $dose, 'sessions' => $sessions],
    ]])[1])['wall_sit'];
    expect($kept['rung'])->toBe('high')->and($kept['dose']['sets'])->toBe(1)
        ->and($kept['dose']['hold'])->toBe($dose['hold'])
        ->and($kept['because'][0]['says'])->toContain('it has been done');
    // Logged sets are the estimate in use: what was hard with the lightest load here cannot stay, and says so.
    $curl = static fn (int $effort): array => buoy('draft', [...$input, 'history' => [[
        'rung' => 'curl/each_hand',
        'dose' => [
            'sets' => 2, 'reps' => ['lo' => 10, 'hi' => 15], 'effort' => ['lo' => 4, 'hi' => 6], 'rest_s' => 60,
            'load_g' => 480, 'per' => 'hand',
        ],
        'sessions' => [['date' => '2026-11-20', 'sets' => [['reps' => 10, 'load_g' => 480, 'effort' => $effort]]]],
    ]]])[1];
    expect($of($curl(5))['curl']['dose']['load_g'])->toBe(480)
        ->and($of($curl(9)))->not->toHaveKey('curl')
        ->and(array_column($curl(9)['left'], 'says', 'what')['Arm curl'])
        ->toStartWith('It was done, and cannot stay')->toContain('480');
    [$code, $answer] = buoy('draft', [...$input, 'history' => [
        ['rung' => 'wall_sit/moon', 'dose' => $dose, 'sessions' => $sessions],
    ]]);
    expect($code)->toBe(2)->and($answer['error']['pointer'])->toBe('/history/0/rung');
    [$code, $answer] = buoy('draft', [...$input, 'history' => [['rung' => 'wall_sit/high', 'dose' => $dose]]]);
    expect($code)->toBe(2)->and($answer['error']['pointer'])->toBe('/history/0/sessions');
});

it('refuses wishes that nobody can have, at their place', function (array $wishes, string $pointer): void {
    [$code, $answer] = buoy('draft', [
        'client' => CLIENT, 'on' => Made::TODAY, 'wishes' => ['days' => [1, 4], 'minutes' => 30, ...$wishes],
    ]);
    expect($code)->toBe(2)->and($answer['error']['pointer'])->toBe($pointer);
})->with([
    [['days' => []], '/wishes/days'], [['days' => [8]], '/wishes/days/0'], [['minutes' => 4], '/wishes/minutes'],
    [['goals' => ['fly']], '/wishes/goals/0'], [['pin' => ['flight']], '/wishes/pin/0'],
    [['exclude' => ['pattern:flight']], '/wishes/exclude/0'], [['structure' => 'spiral'], '/wishes/structure'],
    [['weeks' => 5], '/wishes/weeks'],
    [['max_exercises' => 13], '/wishes/max_exercises'], [['session' => ['aerobic_minutes' => 11]],
        '/wishes/session/aerobic_minutes'],
]);
