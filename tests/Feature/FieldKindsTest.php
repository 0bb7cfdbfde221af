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
 * What kind of thing each field is, by hand: of the wrong kind, too long, or missing where it is needed, it is refused
 * at its own name, and nothing of another kind slips through to the core or the database.
 */
beforeEach(function (): void {
    $this->forms = new Forms(new Scene);
});

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
            expect($this->forms->faults($form, $field, $value)->get($field))->toBe(
                [], "$field ".mb_substr((string) json_encode($value), 0, 60),
            );
        }
        foreach ($need === '' ? $refused : [...$refused, null] as $value) {
            $faults = $this->forms->faults($form, $field, $value);
            expect($faults->has($field))->toBeTrue("$field ".mb_substr((string) json_encode($value), 0, 60));
            expect($faults->first($field))->not->toMatch(Forms::SERVERS_WORDS, "$field ".$faults->first($field));
        }
        // Left out where the rest of its row is there.
        $row = implode('.', array_slice(explode('.', $field), 0, -1));
        if ($need === '!' && ! ctype_digit((string) last(explode('.', $field)))) {
            expect($this->forms->faults($form, $row === '' ? 'else' : "$row.else", 'x')->has($field))->toBeTrue(
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
            'pain_where' => ['', 'text', 120],
            'confirmed' => ['', 'yes or no', null],
            'items.0.instead' => ['', 'text', 120],
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
            'results' => ['!', 'rows', 60],
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
            'treatment_days' => ['', 'list', 7],
            'best_time' => ['', 'text', 80],
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
