<?php

declare(strict_types=1);

use App\Http\AtHome\Requests\CheckRequest;
use App\Http\AtHome\Requests\HomeRequest;
use App\Http\AtHome\Requests\SessionRequest;
use App\Http\Clinic\Requests\ClinicRequest;
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
use App\Models\HomePage;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Tests\Feature\Support\Scene;

/*
 * Every number and word that a form takes, at both ends of what it takes: the last that is taken and the first that is
 * not. Written from what a clinic may mean, not from the rules.
 */

/** A name of the server's, or the framework's own sentence. */
const SERVERS_WORDS = '/\.\d+\.|^The .* field |^The selected |^validation\./';

beforeEach(function (): void {
    $this->scene = new Scene;
});

/** @param  class-string<ClinicRequest|HomeRequest>  $form */
function faultsOf(object $test, string $form, string $field, mixed $value, array $with = []): MessageBag
{
    $data = $with;
    Arr::set($data, $field, $value);
    $request = $form::create('/x', 'POST', $data);
    $request->setContainer(app())->setUserResolver(fn () => $test->scene->user);
    if ($request instanceof HomeRequest) {
        $page = (new HomePage)->setRelation('client', $test->client ??= $test->scene->client());
        $request->attributes->set(HomePage::class, $page);
    }

    return Validator::make($data, $request->rules(), $request->messages())->errors();
}

it('takes what is in range and says of the rest what would do', function (
    string $form, string $field, array $taken, array $refused, array $with = [],
): void {
    foreach ($taken as $value) {
        expect(faultsOf($this, $form, $field, $value, $with)->get($field))->toBe([], "$field ".json_encode($value));
    }
    foreach ($refused as $value) {
        $told = faultsOf($this, $form, $field, $value, $with)->first($field);
        expect($told)->not->toBe('', "$field ".json_encode($value))
            ->and($told)->not->toContain('_')->and($told)->not->toContain('validation.')
            ->and($told)->not->toMatch(SERVERS_WORDS);
    }
})->with([
    'sets' => [DoseRequest::class, 'sets', [1, 10], [0, 11, 'two', null, 1.5]],
    'the lower amount' => [DoseRequest::class, 'amount_lo', [1, 600], [0, 100000, 'x', null]],
    'the higher amount' => [DoseRequest::class, 'amount_hi', [8, 600], [7, 100000, null], ['amount_lo' => 8]],
    'the lower RPE' => [DoseRequest::class, 'effort_lo', [0, 10], [-1, 11, 4.5, null]],
    'the higher RPE' => [DoseRequest::class, 'effort_hi', [4, 10], [3, 11, null], ['effort_lo' => 4]],
    'rest' => [DoseRequest::class, 'rest_s', [0, 900], [-1, 901, null]],
    'a load' => [DoseRequest::class, 'load_kg', [null, 0.001, 200], [0, 201, 'heavy']],
    'a pull' => [DoseRequest::class, 'pull_kg', [null, 0.05, 100], [0.04, 101, 'hard']],
    'what is counted' => [DoseRequest::class, 'kind', [null, 'reps', 'hold', 'metres'], ['miles', 5]],
    'left, lower' => [DoseRequest::class, 'left_lo', [null, 1, 600], [0, 100000]],
    'left, higher' => [DoseRequest::class, 'left_hi', [8], [7, 100000], ['left_lo' => 8]],
    'right, lower' => [DoseRequest::class, 'right_lo', [null, 1, 600], [0, 100000]],
    'right, higher' => [DoseRequest::class, 'right_hi', [8], [7, 100000], ['right_lo' => 8]],
    'left load' => [DoseRequest::class, 'left_load_kg', [0.001, 200], [0, 201]],
    'right load' => [DoseRequest::class, 'right_load_kg', [0.001, 200], [0, 201]],
    'a hold' => [DoseRequest::class, 'hold_s', [null, 1, 60], [0, 1000]],
    'a rest inside' => [DoseRequest::class, 'pause_s', [null, 1, 30], [0, 1000]],

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
    'reps of a set' => [LogRequest::class, 'items.0.sets.0.amount', [null, 0, 600], [-1, 100000, 1.5]],
    'RPE of a set' => [LogRequest::class, 'items.0.sets.0.effort', [null, 0, 10], [-1, 11]],
    'reps left of a set' => [LogRequest::class, 'items.0.sets.0.left', [null, 0, 50], [-1, 51]],

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
    'length of a band' => [KitRequest::class, 'bands.0.rest_cm', [5, 1000], [4, 1001, null]],
    'how far it may go' => [KitRequest::class, 'bands.0.max_pct', [1, 600], [0, 601, null]],
    'length of a pull' => [KitRequest::class, 'bands.0.pulls.0.cm', [5, 5000], [4, 5001, null]],
    'what the scale showed' => [KitRequest::class, 'bands.0.pulls.0.kgf', [0.01, 200], [0, 201, null]],

    'systolic' => [GateRequest::class, 'sbp', [null, 120], [5, 500, 'high']],
    'pulse' => [GateRequest::class, 'heart_rate', [null, 70], [1, 999]],
    'saturation' => [GateRequest::class, 'spo2', [null, 97], [5, 101]],
    'temperature' => [GateRequest::class, 'temp_c', [null, 37.5], [10, 60]],
    'glucose' => [GateRequest::class, 'glucose_mmol', [null, 6.1], [0, 99]],
    'pain at rest' => [GateRequest::class, 'pain', [null, 0, 10], [-1, 11, 3.5]],

    'a value' => [MeasureRequest::class, 'results.0.value', [null, 0, 30.5], ['many', 100001]],
    'a day of tests' => [
        MeasureRequest::class, 'measured_on', ['2026-01-05'], ['', 'soon', '2026-13-01', '1901-01-01'],
    ],
    'how far the pressure fell' => [MeasureRequest::class, 'results.0.second_value', [null, -60, 120], [-61, 121]],
    'a side' => [MeasureRequest::class, 'results.0.side', [null, 'left', 'right'], ['both', 'top']],

    'body mass' => [ScreenRequest::class, 'body_mass_kg', [20, 350], [0, 19.9, 350.1, 'x', null]],
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

    'seconds of a rep' => [OwnExerciseRequest::class, 'rungs.0.seconds_per_unit', [0.2, 60], [0.1, 61, 'x', null]],
    'impact' => [OwnExerciseRequest::class, 'rungs.0.impact', [0, 3], [-1, 4, null]],
    'balance' => [OwnExerciseRequest::class, 'rungs.0.balance', [0, 4], [-1, 5, null]],
]);

/*
 * What kind of thing each field is, by hand: of the wrong kind, too long, or missing where it is needed, it is refused
 * at its own name, and nothing of another kind slips through to the core or the database.
 */

/**
 * A field is needed (!), may be left out but is never empty (-), or may be either.
 *
 * @return array{list<mixed>, list<mixed>} taken, refused
 */
function ofKind(string $kind, mixed $of): array
{
    return match ($kind) {
        'text' => [['abc', str_repeat('x', $of)], [['abc'], str_repeat('x', $of + 1)]],
        'yes or no' => [[true, false, '1', '0'], ['maybe', ['x'], 2]],
        'one of' => [$of, ['nonsense', ['x'], 7]],
        'list' => [[[]], ['abc', 7, array_fill(0, $of + 1, 'x')]],
        'key' => [['0b8b2f0e-5f0c-4c43-9df4-7b0d1e5a1c11'], ['abc', 7, ['x']]],
        'whole' => [[$of, (string) $of], ['abc', 1.5, ['x'], -1]],
        'number of a row' => [[$of, (string) $of], ['abc', 1.5, ['x']]],
        'rows' => [[array_fill(0, $of, [])], [[], 'abc', 7, array_fill(0, $of + 1, [])]],
        'some' => [[array_slice(range(1, 7), 0, $of)], [[], 'abc', 7, array_fill(0, $of + 1, 'x')]],
        'day' => [['2026-01-05'], ['soon', '2026-02-30', ['x'], 7, '1700-01-01']],
    };
}

it('takes each field as the kind of thing that it is', function (string $form, array $fields): void {
    foreach ($fields as $field => [$need, $kind, $of]) {
        [$taken, $refused] = ofKind($kind, $of);
        foreach ($need === '' ? [...$taken, null] : $taken as $value) {
            expect(faultsOf($this, $form, $field, $value)->get($field))->toBe(
                [], "$field ".mb_substr((string) json_encode($value), 0, 60),
            );
        }
        foreach ($need === '' ? $refused : [...$refused, null] as $value) {
            $faults = faultsOf($this, $form, $field, $value);
            expect($faults->has($field))->toBeTrue("$field ".mb_substr((string) json_encode($value), 0, 60));
            expect($faults->first($field))->not->toMatch(SERVERS_WORDS, "$field ".$faults->first($field));
        }
        // Left out where the rest of its row is there.
        $row = implode('.', array_slice(explode('.', $field), 0, -1));
        if ($need === '!' && ! ctype_digit((string) last(explode('.', $field)))) {
            expect(faultsOf($this, $form, $row === '' ? 'else' : "$row.else", 'x')->has($field))->toBeTrue(
                "$field left out",
            );
        }
    }
})->with([
    'a dose' => [
        DoseRequest::class,
        [
            'apart' => ['', 'yes or no', null],
            'tempo' => ['', 'text', 20],
            'reason' => ['', 'text', 500],
            'confirmed' => ['', 'yes or no', null],
        ],
    ],
    'the gate' => [
        GateRequest::class,
        [
            'key' => ['!', 'key', null],
            'symptoms' => ['!', 'list', 40],
            'symptoms.0' => ['!', 'text', 60],
            'no_signs' => ['', 'yes or no', null],
            'repeat' => ['!', 'yes or no', null],
        ],
    ],
    'the kit' => [
        KitRequest::class,
        [
            'version' => ['!', 'whole', 4_000_000_000],
            'pieces.0.label' => ['!', 'text', 80],
            'pieces.0.grip' => ['!', 'one of', ['none', 'hook', 'soft', 'power', 'pinch']],
            'pieces.0.worn_on' => ['-', 'one of', ['limb', 'back']],
            'pieces.0.holdable' => ['!', 'yes or no', null],
            'pieces.0.packable' => ['!', 'yes or no', null],
            'pieces.0.plate' => ['!', 'yes or no', null],
            'pieces.0.weighed' => ['!', 'yes or no', null],
            'carriers.0.label' => ['!', 'text', 80],
            'carriers.0.plates' => ['!', 'yes or no', null],
            'carriers.0.grip' => ['!', 'one of', ['none', 'hook', 'soft', 'power', 'pinch']],
            'carriers.0.worn_on' => ['-', 'one of', ['limb', 'back']],
            'carriers.0.count' => ['!', 'whole', 99],
            'pieces' => ['!', 'list', 100],
            'carriers' => ['!', 'list', 40],
            'bands' => ['-', 'list', 20],
            'bands.0.label' => ['!', 'text', 80],
            'bands.0.form' => ['!', 'one of', ['flat', 'tube', 'loop']],
            'bands.0.material' => ['!', 'one of', ['latex', 'latex_free', 'fabric']],
            'bands.0.pulls' => ['!', 'list', 8],
            'place.things' => ['', 'list', 200],
            'place.floor' => ['', 'one of', ['carpet', 'wood', 'smooth']],
            'place.door' => ['', 'one of', ['towards', 'away', 'none']],
            'place.chair_at_wall' => ['', 'yes or no', null],
            'place.things.0' => ['!', 'one of', ['chair', 'wall']],
            'aids.left' => ['-', 'list', 20],
            'aids.right' => ['-', 'list', 20],
        ],
    ],
    'a session' => [
        LogRequest::class,
        [
            'plan_id' => ['!', 'number of a row', 4],
            'key' => ['!', 'key', null],
            'corrects' => ['', 'whole', 4],
            'done_on' => ['!', 'day', null],
            'stop_sign' => ['', 'text', 120],
            'skipped' => ['', 'text', 200],
            'note' => ['', 'text', 500],
            'items' => ['!', 'list', 20],
            'items.0.item' => ['!', 'number of a row', 3],
            'items.0.done' => ['!', 'yes or no', null],
            'items.0.light' => ['', 'yes or no', null],
            'items.0.seen' => ['', 'list', 5],
            'items.0.seen.0' => ['!', 'text', 40],
            'items.0.sets' => ['!', 'list', 20],
            'items.0.sets.0.side' => ['', 'one of', ['left', 'right', 'both']],
        ],
    ],
    'tests' => [
        MeasureRequest::class,
        [
            'measured_on' => ['!', 'day', null],
            'key' => ['!', 'key', null],
            'seen' => ['!', 'whole', 0],
            'results.0.test' => ['!', 'text', 40],
            'results.0.family' => ['', 'text', 60],
            'results.0.not_tested' => ['', 'text', 200],
        ],
    ],
    'sessions from paper' => [
        PaperRequest::class,
        [
            'plan_id' => ['!', 'number of a row', 4],
            'key' => ['!', 'key', null],
            'confirmed' => ['', 'yes or no', null],
            'sessions' => ['!', 'rows', 8],
            'sessions.0.done_on' => ['!', 'day', null],
            'sessions.0.pain_before' => ['', 'whole', 10],
            'sessions.0.pain_next_morning' => ['', 'whole', 10],
            'sessions.0.note' => ['', 'text', 500],
            'sessions.0.items' => ['!', 'list', 20],
            'sessions.0.items.0.item' => ['!', 'number of a row', 3],
            'sessions.0.items.0.pain_during' => ['', 'whole', 10],
        ],
    ],
    'who the clinic is' => [
        ProfileRequest::class,
        [
            'name' => ['!', 'text', 120],
            'address' => ['', 'text', 200],
            'seen.name' => ['', 'text', 200],
            'timezone' => ['!', 'one of', ['Europe/Brussels', 'Pacific/Auckland']],
            'locale' => ['!', 'one of', ['en', 'nl']],
        ],
    ],
    'wishes for a draft' => [
        DraftRequest::class,
        [
            'revision' => ['!', 'number of a row', 4],
            'keep' => ['-', 'yes or no', null],
            'wishes.goals' => ['!', 'list', 12],
            'wishes.goals.0' => ['!', 'one of', ['shopping', 'stairs']],
            'wishes.pin' => ['!', 'list', 20],
            'wishes.pin.0' => ['!', 'text', 80],
            'wishes.exclude' => ['!', 'list', 40],
            'wishes.exclude.0' => ['!', 'text', 80],
            'wishes.max_exercises' => ['', 'whole', 6],
        ],
    ],
    'a check at home' => [
        CheckRequest::class,
        [
            'key' => ['!', 'key', null],
            'repeat' => ['!', 'yes or no', null],
            'signs' => ['!', 'list', 40],
            'signs.0' => ['!', 'one of', ['chest_pain', 'doming']],
            'pain' => ['', 'whole', 10],
            'numbers' => ['!', 'list', 20],
            'seen' => ['!', 'list', 20],
            'numbers.heart_rate' => ['', 'whole', 70],
            'seen.unwell' => ['', 'yes or no', null],
        ],
    ],
    'a session at home' => [
        SessionRequest::class,
        [
            'key' => ['!', 'key', null],
            'plan_id' => ['!', 'whole', 4],
            'lighter' => ['!', 'yes or no', null],
            'pain_before' => ['', 'whole', 10],
            'pain_after' => ['', 'whole', 10],
            'pain_where' => ['', 'text', 120],
            'whole' => ['', 'one of', ['as_usual', 'harder', 'easier']],
            'note' => ['', 'text', 300],
            'stop_sign' => ['', 'one of', ['chest_pain', 'faintness']],
            'skipped' => ['', 'text', 150],
            'items' => ['!', 'list', 30],
            'items.0.item' => ['!', 'whole', 3],
            'items.0.sets' => ['!', 'list', 40],
            'items.0.sets.0.amount' => ['!', 'whole', 12],
            'items.0.sets.0.side' => ['!', 'one of', ['left', 'right', 'both']],
            'items.0.sets.0.how' => ['', 'one of', ['hard', 'two_left']],
            'items.0.pain' => ['', 'whole', 10],
            'items.0.where' => ['', 'text', 80],
            'items.0.instead' => ['', 'text', 120],
            'items.0.left_out' => ['', 'yes or no', null],
            'items.0.easy' => ['', 'yes or no', null],
        ],
    ],
    'an exercise of the clinic' => [
        OwnExerciseRequest::class,
        [
            'copied_from' => ['!', 'text', 60],
            'name' => ['!', 'text', 80],
            'purpose' => ['!', 'text', 300],
            'words' => ['', 'text', 600],
            'reason' => ['', 'text', 300],
            'version' => ['!', 'whole', 0],
            'rungs.0.code' => ['!', 'text', 60],
            'rungs.0.use' => ['!', 'yes or no', null],
            'rungs.0.name' => ['!', 'text', 300],
            'rungs.0.step' => ['!', 'text', 300],
            'rungs.0.set_up' => ['!', 'text', 300],
            'rungs.0.cues' => ['!', 'text', 300],
            'rungs.0.mistakes' => ['!', 'text', 300],
            'rungs.0.too_hard_if' => ['!', 'text', 300],
            'rungs.0.too_easy_if' => ['!', 'text', 300],
            'rungs.0.feel' => ['!', 'text', 300],
            'rungs.0.start_pose' => ['', 'text', 140],
            'rungs.0.end_pose' => ['', 'text', 140],
            'rungs.0.impact' => ['!', 'whole', 2],
            'rungs.0.balance' => ['!', 'whole', 3],
            'rungs.0.spine_load' => ['!', 'one of', ['low', 'moderate', 'high']],
            'rungs.0.breath' => ['!', 'one of', ['low', 'high']],
            'rungs.0.usual_support' => ['!', 'one of', ['free', 'fingertip', 'one_hand', 'two_hands', 'seated']],
            'rungs.0.motions' => ['!', 'list', 23],
            'rungs.0.motions.0' => ['!', 'one of', ['single_leg_load']],
        ],
    ],
    'the screen' => [
        ScreenRequest::class,
        [
            'given_name' => ['!', 'text', 80],
            'family_name' => ['!', 'text', 80],
            'key' => ['!', 'key', null],
            'version' => ['', 'whole', 4_000_000_000],
            'mass_unit' => ['', 'one of', ['kg', 'lb']],
            'birth_given_on' => ['', 'day', null],
            'birth_symptoms' => ['', 'list', 10],
            'medicines' => ['', 'list', 20],
            'medicines.0' => ['!', 'text', 60],
            'insensate' => ['', 'list', 20],
            'insensate.0' => ['!', 'text', 60],
            'conditions' => ['!', 'list', 60],
            'conditions.0.code' => ['!', 'one of', ['heart_failure', 'osteoporosis']],
            'conditions.0.side' => ['', 'one of', ['left', 'right', 'both']],
            'conditions.0.details' => ['!', 'list', 20],
            'conditions.0.details.0' => ['!', 'text', 60],
            'grip_left' => ['', 'one of', ['none', 'weak', 'fair', 'full']],
            'grip_right' => ['', 'one of', ['none', 'weak', 'fair', 'full']],
            'standing' => ['', 'one of', ['none', 'supported', 'free']],
            'floor_transfer' => ['', 'one of', ['none', 'helped', 'alone']],
            'training_level' => ['', 'one of', ['new', 'returning', 'trained']],
            'training_since' => ['', 'day', null],
            'usual_pain' => ['', 'whole', 10],
            'pain_where' => ['', 'text', 200],
            'pain_school' => ['', 'one of', []],
            'supine_school' => ['', 'one of', []],
            'bone_school' => ['', 'one of', []],
            'days' => ['!', 'some', 7],
            'days.0' => ['!', 'whole', 7],
            'minutes' => ['!', 'whole', 30],
            'wants' => ['', 'text', 300],
            'clearance.given_by' => ['', 'text', 120],
            'clearance.given_on' => ['', 'day', null],
            'clearance.restrictions' => ['', 'text', 500],
            'clearance.limits' => ['', 'list', 20],
            'clearance.limits.0.value' => ['!', 'text', 40],
            'clearance.limits.0.field' => ['!', 'one of', ['lift_max_g']],
            'clearance.limits.0.part' => ['!', 'one of', []],
            'aim' => ['!', 'one of', ['strength', 'size', 'endurance', 'learn', 'wake_up']],
            'structure' => ['!', 'one of', ['straight', 'circuit']],
        ],
    ],
]);

it('takes a day as far back and as far ahead as can be meant, and no further', function (
    string $form, string $field, ?float $back, float $ahead,
): void {
    $today = $this->scene->user->clinic->today();
    $day = static fn (float $years, int $more): string => (string) $today->plus((int) round($years * 365.25) + $more);
    $has = fn (string $value): bool => faultsOf($this, $form, $field, $value)->has($field);
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

it('says in its message the value that works', function (
    string $form, string $field, mixed $value, string $says,
): void {
    expect(faultsOf($this, $form, $field, $value)->first($field))->toContain($says);
})->with([
    'body mass, its ends' => [ScreenRequest::class, 'body_mass_kg', 5, Mass::say(20_000).' to '.Mass::say(350_000)],
    'an ordered lift, its ends' => [
        ScreenRequest::class, 'conditions.0.numbers.lift_kg', 0, Mass::say(100).' to '.Mass::say(50_000).',',
    ],
    'an effort' => [LogRequest::class, 'items.0.effort', 11, 'RPE goes from 0 to 10, for example 6.'],
    'the effort of a set' => [
        LogRequest::class, 'items.0.sets.0.effort', 11, 'RPE goes from 0 to 10, for example 6.',
    ],
    'a left load' => [DoseRequest::class, 'left_load_kg', 'heavy', 'for example '.Mass::say(2500)],
    'a right load' => [DoseRequest::class, 'right_load_kg', 'heavy', 'for example '.Mass::say(2500)],
]);

it('gives as an example of a due day one that is four months ahead', function (): void {
    $example = (string) $this->scene->user->clinic->today()->plus(120);
    expect(faultsOf($this, ScreenRequest::class, 'due_date', 'soon')->first('due_date'))->toContain($example);
});

it('asks for each field of a dose that was left out', function (string $field): void {
    expect(faultsOf($this, DoseRequest::class, 'else', 'x')->has($field))->toBeTrue();
})->with(['sets', 'amount_lo', 'amount_hi', 'effort_lo', 'effort_hi', 'rest_s']);
