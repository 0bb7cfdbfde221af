<?php

declare(strict_types=1);

use App\Http\AtHome\Requests\CheckRequest;
use App\Http\AtHome\Requests\SessionRequest;
use App\Http\Clinic\Requests\DoseRequest;
use App\Http\Clinic\Requests\DraftRequest;
use App\Http\Clinic\Requests\GateRequest;
use App\Http\Clinic\Requests\KitRequest;
use App\Http\Clinic\Requests\LogRequest;
use App\Http\Clinic\Requests\MeasureRequest;
use App\Http\Clinic\Requests\OwnExerciseRequest;
use App\Http\Clinic\Requests\PaperRequest;
use App\Http\Clinic\Requests\ProfileRequest;
use App\Http\Clinic\Requests\ScreenRequest;
use Tests\Feature\Support\Forms;
use Tests\Feature\Support\Scene;

/*
 * Every number and word that a form takes, at both ends of what it takes: the last that is taken and the first that is
 * not. Written from what a clinic may mean, not from the rules.
 */

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->forms = new Forms($this->scene);
});

it('takes what is in range and says of the rest what would do', function (
    string $form, string $field, array $taken, array $refused, array $with = [],
): void {
    foreach ($taken as $value) {
        expect($this->forms->says($form, $field, $value, $with))->toBe('', "$field ".json_encode($value));
    }
    foreach ($refused as $value) {
        $told = $this->forms->says($form, $field, $value, $with);
        expect($told)->not->toBe('', "$field ".json_encode($value))
            ->and($told)->not->toContain('_')->and($told)->not->toContain('validation.')
            ->and($told)->not->toMatch(Forms::SERVERS_WORDS);
    }
})->with([
    'sets' => [DoseRequest::class, 'sets', [1, 10], [0, 11, 'two', null, 1.5]],
    'the lower amount' => [DoseRequest::class, 'amount_lo', [1, 1800], [0, 1801, 1.5, 'x', null]],
    'the higher amount' => [DoseRequest::class, 'amount_hi', [8, 1800], [7, 1801, 9.5, null], ['amount_lo' => 8]],
    'the lower RPE' => [DoseRequest::class, 'effort_lo', [0, 10], [-1, 11, 4.5, null]],
    'the higher RPE' => [DoseRequest::class, 'effort_hi', [4, 10], [3, 11, null], ['effort_lo' => 4]],
    'rest' => [DoseRequest::class, 'rest_s', [0, 900], [-1, 901, null]],
    'a load' => [DoseRequest::class, 'load_kg', [null, 0.001, 200], [0, 201, 'heavy']],
    'a pull' => [DoseRequest::class, 'pull_kg', [null, 0.05, 100], [0.04, 101, 'hard']],
    'what is counted' => [DoseRequest::class, 'kind', [null, 'reps', 'hold', 'metres'], ['miles', 5]],
    'left, lower' => [DoseRequest::class, 'left_lo', [null, 1, 1800], [0, 1801, 1.5]],
    'left, higher' => [DoseRequest::class, 'left_hi', [null, 8, 1800], [7, 1801, 9.5], ['left_lo' => 8]],
    'right, lower' => [DoseRequest::class, 'right_lo', [null, 1, 1800], [0, 1801, 1.5]],
    'right, higher' => [DoseRequest::class, 'right_hi', [null, 8, 1800], [7, 1801, 9.5], ['right_lo' => 8]],
    'left load' => [DoseRequest::class, 'left_load_kg', [0.001, 200], [0, 201]],
    'right load' => [DoseRequest::class, 'right_load_kg', [0.001, 200], [0, 201]],
    'a hold' => [DoseRequest::class, 'hold_s', [null, 1, 60], [0, 61, 1.5]],
    'a rest inside' => [DoseRequest::class, 'pause_s', [null, 1, 30], [0, 31, 1.5]],

    'day of a session' => [
        LogRequest::class, 'done_on', ['2026-01-05'], ['', 'yesterday', '2026-02-30', '1901-01-01'],
    ],
    'pain before' => [LogRequest::class, 'pain_before', [null, 0, 10], [-1, 11, 2.5]],
    'pain next morning' => [LogRequest::class, 'pain_next_morning', [null, 0, 10], [-1, 11]],
    'pain during' => [LogRequest::class, 'items.0.pain_during', [null, 0, 10], [-1, 11]],
    'RPE of an exercise' => [LogRequest::class, 'items.0.effort', [null, 0, 9.5, 10], [-1, 11]],
    'reps left' => [LogRequest::class, 'items.0.left', [null, 0, 50], [-1, 51, 2.5]],
    'what was lifted' => [LogRequest::class, 'items.0.load_kg', [null, 0, 200], [-1, 201]],
    'what the left lifted' => [LogRequest::class, 'items.0.left_load_kg', [null, 0, 200], [-1, 201]],
    'what the right lifted' => [LogRequest::class, 'items.0.right_load_kg', [null, 0, 200], [-1, 201]],
    'where they stood' => [LogRequest::class, 'items.0.stood_cm', [null, 20, 600], [19, 601]],
    'sets in which form broke' => [LogRequest::class, 'items.0.broken', [null, 0, 20], [-1, 21]],
    'reps of a set' => [LogRequest::class, 'items.0.sets.0.amount', [null, 0, 1800], [-1, 1801, 1.5]],
    'RPE of a set' => [LogRequest::class, 'items.0.sets.0.effort', [null, 0, 10], [-1, 11]],
    'reps left of a set' => [LogRequest::class, 'items.0.sets.0.left', [null, 0, 50], [-1, 51]],

    'short pauses' => [LogRequest::class, 'items.0.pauses', [null, 0, 50], [-1, 51, 1.5]],
    'what was held on to' => [LogRequest::class, 'items.0.support', [null, 'free', 'two_hands'], ['a rope', 7]],
    'what it corrects' => [LogRequest::class, 'corrects', [null, 1, 4_000_000_000], [0, 4_000_000_001, 1.5]],
    'RPE on paper' => [PaperRequest::class, 'sessions.0.items.0.effort', [null, 0, 9.5, 10], [-1, 11, 'x']],
    'a load on paper' => [PaperRequest::class, 'sessions.0.items.0.load_kg', [null, 0, 200], [-1, 201, 'x']],
    'sets on paper' => [
        PaperRequest::class, 'sessions.0.items.0.amounts', [null, '12 12 10', '8,8;7/6.', str_repeat('1 ', 40)],
        ['twelve', '-3', str_repeat('1 ', 40).'1', 12],
    ],

    'mass of a piece' => [KitRequest::class, 'pieces.0.mass_kg', [0.001, 100], [0, 101, 'x', null]],
    'count of pieces' => [KitRequest::class, 'pieces.0.count', [1, 99], [0, 100, 1.5, null]],
    'a piece that may be held' => [KitRequest::class, 'pieces.0.holdable', [true, false], ['perhaps', null]],
    'a piece that may be packed' => [KitRequest::class, 'pieces.0.packable', [true, false], ['perhaps', null]],
    'a plate' => [KitRequest::class, 'pieces.0.plate', [true, false], ['perhaps', null]],
    'a piece on the scale' => [KitRequest::class, 'pieces.0.weighed', [true, false], ['perhaps', null]],
    'a handle for plates' => [KitRequest::class, 'carriers.0.plates', [true, false], ['perhaps', null]],
    'name of a piece' => [KitRequest::class, 'pieces.0.label', ['Can'], ['', null, str_repeat('x', 81)]],
    'mass of a carrier' => [KitRequest::class, 'carriers.0.mass_kg', [0, 100], [-1, 101, null]],
    'what it carries' => [KitRequest::class, 'carriers.0.max_mass_kg', [0, 100], [-1, 101, null]],
    'how many it takes' => [KitRequest::class, 'carriers.0.max_pieces', [0, 60], [-1, 61, null]],
    'what lies at hand' => [KitRequest::class, 'place', [[]], ['a house', 7, null]],
    'an aid of the left hand' => [
        KitRequest::class, 'aids.left.0', ['wrist_loop', 'strap_mitt', 'forearm_strap'], ['nonsense', 7, null],
    ],
    'an aid of the right hand' => [
        KitRequest::class, 'aids.right.0', ['wrist_loop', 'strap_mitt', 'forearm_strap'], ['nonsense', 7, null],
    ],
    'aids' => [KitRequest::class, 'aids', [[]], ['a hook', 7, null]],
    'length of a band' => [KitRequest::class, 'bands.0.rest_cm', [5, 1000], [4, 1001, null]],
    'how far it may go' => [KitRequest::class, 'bands.0.max_pct', [1, 600], [0, 601, null]],
    'length of a pull' => [KitRequest::class, 'bands.0.pulls.0.cm', [5, 5000], [4, 5001, null]],
    'what the scale showed' => [KitRequest::class, 'bands.0.pulls.0.kgf', [0.01, 200], [0, 201, null]],

    'systolic' => [GateRequest::class, 'sbp', [null, 40, 300], [39, 301, 'high']],
    'diastolic' => [GateRequest::class, 'dbp', [null, 20, 200], [19, 201, 'high']],
    'systolic standing' => [GateRequest::class, 'sbp_standing', [null, 40, 300], [39, 301, 'high']],
    'diastolic standing' => [GateRequest::class, 'dbp_standing', [null, 20, 200], [19, 201, 'high']],
    'pulse' => [GateRequest::class, 'heart_rate', [null, 20, 250], [19, 251, 'fast']],
    'saturation' => [GateRequest::class, 'spo2', [null, 30, 100], [29, 101, 'low']],
    'temperature' => [GateRequest::class, 'temp_c', [null, 30, 44], [29.9, 44.1, 'hot']],
    'glucose' => [GateRequest::class, 'glucose_mmol', [null, 0.3, 60], [0.2, 60.1, 'low']],
    'ketones' => [GateRequest::class, 'ketones_mmol', [null, 0, 20], [-0.1, 20.1, 'few']],
    'weight of today' => [GateRequest::class, 'weight_kg', [null, 20, 350], [19.9, 350.1, 'less']],
    'fatigue' => [GateRequest::class, 'fatigue', [null, 0, 10], [-1, 11, 'tired']],
    'pain at rest' => [GateRequest::class, 'pain', [null, 0, 10], [-1, 11, 3.5]],
    'what was seen before' => [GateRequest::class, 'unwell', [null, 'yes', 'no'], ['perhaps', 7]],
    'pulse at home' => [CheckRequest::class, 'numbers.heart_rate', [null, 20, 250], [19, 251, 'fast']],
    'temperature at home' => [CheckRequest::class, 'numbers.temp_c', [null, 30, 44], [29.9, 44.1, 'hot']],

    'a value' => [MeasureRequest::class, 'results.0.value', [null, -10000, 30.5, 100000], ['many', -10001, 100001]],
    'a load of an easy set' => [MeasureRequest::class, 'results.0.load_kg', [null, -1000, 10000], [-1001, 10001, 'x']],
    'its reps' => [MeasureRequest::class, 'results.0.reps', [null, -1000, 10000], [-1001, 10001, 'x']],
    'what was left' => [MeasureRequest::class, 'results.0.rir', [null, -1000, 10000], [-1001, 10001, 'x']],
    'a day of tests' => [
        MeasureRequest::class, 'measured_on', ['2026-01-05'], ['', 'soon', '2026-13-01', '1901-01-01'],
    ],
    'how far the pressure fell' => [MeasureRequest::class, 'results.0.second_value', [null, -60, 120], [-61, 121]],
    'a side' => [MeasureRequest::class, 'results.0.side', [null, 'left', 'right'], ['both', 'top']],

    'body mass' => [ScreenRequest::class, 'body_mass_kg', [20, 350], [0, 19.9, 350.1, 'x', null]],
    'a trouble after a birth' => [ScreenRequest::class, 'birth_symptoms.0', ['leaking'], ['nonsense', null]],
    'a state of the screen' => [ScreenRequest::class, 'version', [null, 1, 4_000_000_000], [0, 4_000_000_001, 1.5]],
    'a day of the week' => [ScreenRequest::class, 'days.0', [1, 7], [0, 8, 1.5, null]],
    'a day of treatment' => [ScreenRequest::class, 'treatment_days.0', [1, 7], [0, 8, 1.5, null]],
    'minutes' => [ScreenRequest::class, 'minutes', [5, 120], [4, 121, 7.5, null]],
    'usual pain' => [ScreenRequest::class, 'usual_pain', [null, 0, 10], [-1, 11, 2.5]],
    'the pain school' => [ScreenRequest::class, 'pain_school', [null, 'none'], ['nonsense', 7]],
    'who is at home' => [ScreenRequest::class, 'home', [null, 'alone', 'someone_home', 'carer'], ['a dog', 7]],
    'an arm' => [ScreenRequest::class, 'abilities.arm_left', [null, 'none', 'weak', 'full'], ['strong', 7]],
    'the trunk' => [ScreenRequest::class, 'abilities.trunk', [null, 'none', 'poor', 'fair', 'full'], ['strong', 7]],
    'who sets up' => [ScreenRequest::class, 'abilities.sets_up_alone', [null, 'yes', 'no'], ['perhaps', 7]],
    'a fall' => [ScreenRequest::class, 'abilities.fallen_in_year', [null, 'yes', 'no'], ['perhaps', 7]],
    'abilities' => [ScreenRequest::class, 'abilities', [null, []], ['strong', ['wings' => 'two']]],
    'numbers' => [ScreenRequest::class, 'conditions.0.numbers', [null, []], ['strong', ['wings' => 2]]],
    'usual values' => [ScreenRequest::class, 'usual', [null, []], ['normal']],
    'a clearance' => [ScreenRequest::class, 'clearance', [null, []], ['given']],
    'a part that a letter limits' => [
        ScreenRequest::class, 'clearance.limits.0.part', ['any|both', 'upper|left', 'lower|right', 'trunk|both'],
        ['nonsense', 'wings|left', null],
    ],
    'how a birth was' => [ScreenRequest::class, 'birth_kind', [null, 'vaginal', 'caesarean'], ['early', 5]],
    'height' => [ScreenRequest::class, 'height_cm', [90, 230], [0, 89, 231, null]],
    'sex' => [ScreenRequest::class, 'sex', ['female', 'male', 'other'], ['x', null]],
    'usual systolic' => [ScreenRequest::class, 'usual.sbp', [null, 50, 260], [49, 261]],
    'usual diastolic' => [ScreenRequest::class, 'usual.dbp', [null, 30, 160], [29, 161]],
    'usual pulse' => [ScreenRequest::class, 'usual.heart_rate', [null, 25, 220], [24, 221]],
    'usual saturation' => [ScreenRequest::class, 'usual.spo2', [null, 50, 100], [49, 101]],
    'usual weight' => [ScreenRequest::class, 'usual.weight_kg', [null, 20, 350], [19, 351]],
    'a lift limit' => [ScreenRequest::class, 'conditions.0.numbers.lift_kg', [null, 0.1, 50], [0, 51]],
    'a count of platelets' => [ScreenRequest::class, 'conditions.0.numbers.count', [null, 0, 1000], [-1, 1001, 2.5]],

    'a telephone' => [
        ProfileRequest::class, 'phone', [null, '112', '+32 (2) 555/01-23.4'], ['1', 'ask', str_repeat('1', 41), ['1']],
    ],
    'a telephone for emergencies' => [
        ProfileRequest::class, 'emergency_phone', [null, '112', str_repeat('1', 40)], ['1', 'ask', ['1']],
    ],
    'what the page showed' => [ProfileRequest::class, 'seen', [['name' => 'x']], ['x', [], null]],
    'wishes' => [DraftRequest::class, 'wishes', [null], ['x', 7]],
    'most exercises' => [DraftRequest::class, 'wishes.max_exercises', [null, 1, 12], [0, 13, 1.5, 'x']],
    'a name of an exercise' => [OwnExerciseRequest::class, 'name', ['abc'], ['ab', '', null]],
    'a cue' => [OwnExerciseRequest::class, 'rungs.0.cues', ['abc'], ['ab', '', null]],
    'the state of an exercise' => [OwnExerciseRequest::class, 'version', [0, 4_000_000_000], [-1, 4_000_000_001, 1.5]],
    'seconds of a rep' => [OwnExerciseRequest::class, 'rungs.0.seconds_per_unit', [0.2, 60], [0.1, 61, 'x', null]],
    'impact' => [OwnExerciseRequest::class, 'rungs.0.impact', [0, 3], [-1, 4, null]],
    'balance' => [OwnExerciseRequest::class, 'rungs.0.balance', [0, 4], [-1, 5, null]],
]);

it('takes a day as far back and as far ahead as can be meant, and no further', function (
    string $form, string $field, ?float $back, float $ahead,
): void {
    $today = $this->scene->user->clinic->today();
    $day = static fn (float $years, int $more): string => (string) $today->plus((int) round($years * 365.25) + $more);
    $has = fn (string $value): bool => $this->forms->faults($form, $field, $value)->has($field);
    if ($back !== null) {
        expect($has($day(-$back, 0)))->toBeFalse()->and($has($day(-$back, -1)))->toBeTrue();
    }
    expect($has($day($ahead, 0)))->toBeFalse()->and($has($day($ahead, 1)))->toBeTrue();
})->with([
    [LogRequest::class, 'done_on', 20, 0], [MeasureRequest::class, 'measured_on', 20, 0],
    [PaperRequest::class, 'sessions.0.done_on', 20, 0], [ScreenRequest::class, 'birth_date', 115, 0],
    [ScreenRequest::class, 'birth_given_on', 70, 0], [ScreenRequest::class, 'conditions.0.since', 115, 2],
    [ScreenRequest::class, 'conditions.0.until', 115, 20], [ScreenRequest::class, 'training_since', 100, 0],
    [ScreenRequest::class, 'clearance.given_on', 10, 0], [ScreenRequest::class, 'clearance.until', 10, 20],
    [SessionRequest::class, 'done_on', 60 / 365.25, 0], [CheckRequest::class, 'on', 60 / 365.25, 0],
    // Six weeks past its date, and a whole pregnancy ahead.
    [ScreenRequest::class, 'due_date', 42 / 365.25, 280 / 365.25],
]);

it('asks for each field of a dose that was left out', function (string $field): void {
    expect($this->forms->faults(DoseRequest::class, 'else', 'x')->has($field))->toBeTrue();
})->with(['sets', 'amount_lo', 'amount_hi', 'effort_lo', 'effort_hi', 'rest_s']);

it('reads a comma as the decimal sign, in each field that may have one', function (string $form, array $fields): void {
    foreach ($fields as $field) {
        expect((string) $this->forms->typed($form, $field, '2,5'))->toBe('2.5', $field);
    }
})->with([
    [DoseRequest::class, ['load_kg', 'pull_kg', 'left_load_kg', 'right_load_kg']],
    [LogRequest::class, [
        'items.0.effort', 'items.0.load_kg', 'items.0.left_load_kg', 'items.0.right_load_kg',
        'items.1.sets.2.effort',
    ]],
    [PaperRequest::class, ['sessions.0.items.1.effort', 'sessions.0.items.1.load_kg']],
    [MeasureRequest::class, ['results.0.value', 'results.0.second_value', 'results.1.load_kg']],
    [KitRequest::class, [
        'pieces.0.mass_kg', 'carriers.0.mass_kg', 'carriers.0.max_mass_kg', 'bands.0.rest_cm', 'bands.0.pulls.1.cm',
        'bands.0.pulls.1.kgf',
    ]],
    [OwnExerciseRequest::class, ['rungs.0.seconds_per_unit']],
    [ScreenRequest::class, ['body_mass_kg', 'height_cm', 'usual.weight_kg', 'conditions.0.numbers.lift_kg']],
    [GateRequest::class, ['temp_c', 'glucose_mmol', 'ketones_mmol', 'weight_kg', 'spo2']],
]);
