<?php

declare(strict_types=1);

use BuoyantStep\Core\Cli\CommandLine;
use Illuminate\Support\Arr;

/*
 * Every field of a client that the command line's contract names is taken, and each of them changes an answer. Written
 * from the contract, so that a field which the schema forgot, or which nobody reads, is seen.
 */

/** @return array<string, mixed> somebody of whom everything has been asked */
function asked(): array
{
    $full = ['arm_left' => 'full', 'arm_right' => 'full', 'leg_left' => 'full', 'leg_right' => 'full'];

    return [
        'birth_date' => '1952-03-02', 'sex' => 'female', 'body_mass_kg' => 61, 'height_mm' => 1580,
        'conditions' => [['code' => 'lymphedema', 'side' => 'left', 'detail' => ['arms']]],
        'medicines' => [], 'insensate' => [],
        'function' => [
            'grip' => ['left' => 'full', 'right' => 'full'], 'trunk' => 'full', 'standing' => 'free',
            'floor_transfer' => 'alone', 'bed_transfer' => 'alone', 'sets_up_alone' => true, 'cognition' => 'full',
            'home' => 'someone_home', 'fallen_in_year' => false, 'limbs' => $full,
            'aids' => ['left' => [], 'right' => []],
        ],
        'usual' => ['sbp' => 120, 'dbp' => 75, 'heart_rate' => 70, 'spo2' => 97, 'pain' => 1, 'weight_kg' => 61],
        'training' => ['level' => 'trained', 'since' => '2020-01-01'],
    ];
}

/**
 * @param  array<string, mixed>  $client
 * @param  array<string, mixed>  $more
 */
function answered(string $verb, array $client, array $more): string
{
    $input = [...$more, 'client' => $client, 'on' => '2026-11-27'];
    // An empty map is a map still.
    foreach (['home', 'kit', 'wishes', 'readings'] as $map) {
        if (array_key_exists($map, $input)) {
            $input[$map] = (object) $input[$map];
        }
    }
    [$code, $text] = CommandLine::run([$verb], static fn (): string => (string) json_encode($input));
    expect($code)->toBe(0, $text);

    return $text;
}

it('acts on each field of a client', function (
    string $field, mixed $value, string $verb, array $more = [], array $already = [],
): void {
    $before = $after = asked();
    foreach ($already as $path => $known) {
        Arr::set($before, $path, $known);
        Arr::set($after, $path, $known);
    }
    Arr::set($after, $field, $value);

    expect(answered($verb, $after, $more))->not->toBe(answered($verb, $before, $more));
})->with(function (): iterable {
    $stands = [
        'results' => [['test' => 'chair_stand_30s', 'value' => 10], ['test' => 'five_chair_stands', 'value' => 12]],
    ];
    $judge = static fn (string $rung): array => ['rung' => $rung];
    $gate = static fn (array $readings): array => ['readings' => $readings, 'symptoms' => []];
    $home = [
        'home' => ['things' => ['chair', 'wall', 'counter', 'door', 'band']],
        'wishes' => ['days' => [2, 5], 'minutes' => 45],
    ];
    $can = ['id' => 'can', 'mass_g' => 480, 'count' => 2, 'grip' => 'power', 'holdable' => true, 'packable' => true];
    $home['kit'] = ['pieces' => [$can], 'carriers' => []];
    $wheels = [
        'conditions' => [['code' => 'wheelchair_user']], 'function.standing' => 'none',
        'function.wheelchair' => ['brakes' => 'both', 'anti_tip' => true, 'footplate' => false],
    ];

    yield 'birth date' => ['birth_date', '1941-03-02', 'measures', $stands];
    yield 'sex' => ['sex', 'male', 'measures', ['results' => [['test' => 'chair_stand_30s', 'value' => 11]]]];
    yield 'body mass' => ['body_mass_kg', 80, 'measures', $stands];
    yield 'height' => ['height_mm', 1700, 'measures', $stands];
    yield 'a condition' => ['conditions.0.code', 'osteoporosis', 'limits'];
    yield 'its side' => ['conditions.0.side', 'right', 'limits'];
    yield 'its detail' => ['conditions.0.detail', ['legs'], 'limits'];
    $surgery = ['conditions' => [['code' => 'abdominal_surgery', 'since' => '2026-11-20']]];
    yield 'since when' => ['conditions.0.since', '2026-11-10', 'limits', [], $surgery];
    yield 'until when' => ['conditions.0.until', '2026-12-20', 'limits', [], $surgery];
    yield 'a due date' => ['pregnancy', ['due_date' => '2027-03-01'], 'limits', [], ['birth_date' => '1995-01-01']];
    $birth = ['birth_date' => '1995-01-01', 'postpartum' => ['birth_date' => '2026-11-01', 'birth' => 'vaginal']];
    yield 'a birth' => ['postpartum.birth_date', '2026-09-01', 'limits', [], $birth];
    yield 'how it was' => ['postpartum.birth', 'caesarean', 'limits', [], $birth];
    yield 'what came with it' => ['postpartum.symptoms', ['doming'], 'limits', [], $birth];
    yield 'a medicine' => ['medicines', ['metoprolol'], 'limits'];
    yield 'skin' => ['insensate', ['left hand'], 'limits'];

    yield 'left grip' => ['function.grip.left', 'none', 'judge', $judge('curl/each_hand')];
    yield 'right grip' => ['function.grip.right', 'none', 'judge', $judge('curl/each_hand')];
    yield 'left aid' => [
        'function.aids.left',
        ['strap_mitt'],
        'draft',
        [...$home, 'wishes' => ['pin' => ['curl/each_hand']] + $home['wishes']],
        ['function.grip.left' => 'none', 'function.grip.right' => 'none'],
    ];
    yield 'right aid' => [
        'function.aids.right',
        ['strap_mitt'],
        'draft',
        [...$home, 'wishes' => ['pin' => ['curl/each_hand']] + $home['wishes']],
        ['function.grip.left' => 'none', 'function.grip.right' => 'none'],
    ];
    yield 'trunk' => ['function.trunk', 'none', 'limits'];
    yield 'standing' => ['function.standing', 'none', 'limits'];
    yield 'floor' => ['function.floor_transfer', 'none', 'limits'];
    yield 'bed' => ['function.bed_transfer', 'none', 'limits'];
    yield 'help into bed, alone' => ['function.bed_transfer', 'helped', 'limits', [], ['function.home' => 'alone']];
    yield 'who sets up' => ['function.sets_up_alone', false, 'draft', $home, ['function.home' => 'alone']];
    yield 'cognition' => ['function.cognition', 'needs_simple', 'limits'];
    yield 'who is home' => [
        'function.home',
        'alone',
        'judge',
        $judge('stance_balance/one_leg'),
        ['conditions' => [['code' => 'low_vision']]],
    ];
    yield 'a fall' => ['function.fallen_in_year', true, 'limits'];
    foreach (['arm_left', 'arm_right', 'leg_left', 'leg_right'] as $limb) {
        yield str_replace('_', ', ', $limb) => ["function.limbs.$limb", 'none', 'limits'];
        yield "a weak $limb" => [
            "function.limbs.$limb",
            'weak',
            'judge',
            [
                'demands' => [
                    'position' => 'standing',
                    'region' => str_starts_with($limb, 'arm') ? 'upper' : 'lower',
                    'spine_load' => 'low',
                    'parts' => [['part' => explode('_', $limb)[0], 'side' => explode('_', $limb)[1]]],
                ],
            ],
            ["function.limbs.$limb" => 'none'],
        ];
    }
    yield 'brakes' => ['function.wheelchair.brakes', 'none', 'draft', $home, $wheels];
    yield 'anti-tip bars' => ['function.wheelchair.anti_tip', false, 'limits', [], $wheels];
    yield 'footplate' => ['function.wheelchair.footplate', true, 'limits', [], $wheels];

    yield 'usual systolic' => ['usual.sbp', 92, 'gate', $gate(['sbp' => 95, 'dbp' => 70])];
    yield 'usual diastolic' => ['usual.dbp', 40, 'gate', $gate(['sbp' => 150, 'dbp' => 105])];
    yield 'usual pulse' => ['usual.heart_rate', 90, 'gate', $gate(['heart_rate' => 95])];
    yield 'usual saturation' => ['usual.spo2', 90, 'gate', $gate(['spo2' => 91])];
    yield 'usual pain' => ['usual.pain', 4, 'gate', [...$gate([]), 'pain' => 4]];
    yield 'usual weight' => [
        'usual.weight_kg',
        66,
        'gate',
        $gate(['weight_kg' => 66, 'sbp' => 120, 'dbp' => 70]),
        ['conditions' => [['code' => 'heart_failure']]],
    ];
    yield 'schools' => [
        'schools',
        ['fragile_bone' => 'light_many'],
        'draft',
        $home,
        ['conditions' => [['code' => 'osteoporosis']]],
    ];
    yield 'training' => ['training.level', 'new', 'draft', $home];
    yield 'since when trained' => [
        'training.since',
        '2026-11-20',
        'limits',
        [],
        ['birth_date' => '1944-03-02', 'training.level' => 'new'],
    ];
});
