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
use BuoyantStep\Core\Units\Mass;
use Tests\Feature\Support\Forms;
use Tests\Feature\Support\Scene;

/*
 * What stands beside a field that was refused, word for word: what is wrong, and a value that works. A mass is marked
 * for the reader's unit.
 */
beforeEach(function (): void {
    $this->scene = new Scene;
    $this->forms = new Forms($this->scene);
});

it('says beside the field what would do', function (string $form, array $rows): void {
    foreach ($rows as [$field, $value, $says]) {
        expect($this->forms->says($form, $field, $value))->toBe($says, "$form $field");
    }
})->with([
    'a dose' => [
        DoseRequest::class,
        [
            ['sets', 0, 'Sets must be from 1 to 10, for example 2.'],
            ['amount_lo', 0, 'The lower number must be from 1 to 1800, for example 8.'],
            ['amount_hi', 0, 'The higher number must be from the lower one to 1800, for example 12.'],
            ['effort_lo', 11, 'RPE goes from 0 to 10, for example 4.'],
            ['effort_hi', 11, 'The higher RPE must be from the lower one to 10, for example 6.'],
            ['rest_s', 901, 'Rest must be from 0 to 900 s, for example 60.'],
            ['hold_s', 61, 'A hold in each rep is from 1 to 60 s, for example 10.'],
            ['pause_s', 31, 'A rest inside a set is from 1 to 30 s, for example 5.'],
            ['load_kg', 'heavy', 'The load must be a number, for example '.Mass::say(2500).'.'],
            ['left_load_kg', 'heavy', 'The load must be a number, for example '.Mass::say(2500).'.'],
            ['right_load_kg', 'heavy', 'The load must be a number, for example '.Mass::say(2500).'.'],
            ['pull_kg', 'hard', 'The pull is what a luggage scale shows, for example '.Mass::say(2500).'.'],
            ['kind', 'miles', 'Choose what is counted from the list.'],
            ['left_lo', 0, 'The lower number of a side must be from 1 to 1800, for example 8.'],
            ['right_lo', 0, 'The lower number of a side must be from 1 to 1800, for example 8.'],
            ['left_hi', 0, 'The higher number of a side must be from the lower one to 1800, for example 12.'],
            ['right_hi', 0, 'The higher number of a side must be from the lower one to 1800, for example 12.'],
        ],
    ],
    'wishes for a draft' => [
        DraftRequest::class,
        [
            ['wishes.goals.0', 'flying', 'Choose goals from the list, 12 at most.'],
            ['wishes.pin.0', ['x'], 'Choose exercises from the list, 20 at most.'],
            ['wishes.exclude.0', ['x'], 'Choose what to leave out from the list.'],
            [
                'wishes.max_exercises', 13,
                'From 1 to 12 exercises, for example 6; leave it empty to let the minutes decide.',
            ],
        ],
    ],
    'the kit' => [
        KitRequest::class,
        [
            ['version', 'x', 'This page does not say which state it was made from: load it anew.'],
            [
                'pieces.0.mass_kg', 0,
                'Mass must be from '.Mass::say(1).' to '.Mass::say(100_000).', for example '.Mass::say(520)
                    .' for a half-litre bottle.',
            ],
            [
                'carriers.0.mass_kg', -1,
                'Mass must be from 0 to '.Mass::say(100_000).', for example '.Mass::say(150).' for a tote.',
            ],
            [
                'carriers.0.max_mass_kg', -1,
                'What it can carry must be from 0 to '.Mass::say(100_000).', for example '.Mass::say(12_000).'.',
            ],
            ['carriers.0.max_pieces', 61, 'Room must be from 0 to 60 pieces, for example 12.'],
            ['bands.0.rest_cm', 4, 'The length at rest must be from 5 to 1000 cm, for example 120.'],
            ['bands.0.max_pct', 0, 'The most it may be stretched must be from 1 to 600 %, for example 200.'],
            [
                'bands.0.pulls', 'x',
                'Pull it on a scale to eight lengths at most, and enter what the scale shows.',
            ],
            ['bands.0.pulls.0.cm', 4, 'The length it was pulled to, in cm, for example 180.'],
            ['bands.0.pulls.0.kgf', 0, 'What the scale showed, for example '.Mass::say(1500).'.'],
            ['pieces.0.count', 0, 'The count must be from 1 to 99.'],
            ['carriers.0.count', 0, 'The count must be from 1 to 99.'],
            ['pieces.0.label', '', 'Give it a name, for example water bottle 0.5 L.'],
            ['bands.0.label', '', 'Give it a name, for example water bottle 0.5 L.'],
            ['pieces.0.holdable', 'x', 'Tick it, or leave it without a tick.'],
            ['pieces.0.packable', null, 'Tick it, or leave it without a tick.'],
            ['pieces.0.plate', null, 'Tick it, or leave it without a tick.'],
            ['pieces.0.weighed', null, 'Tick it, or leave it without a tick.'],
            ['pieces.0.holdable', null, 'Tick it, or leave it without a tick.'],
            ['carriers.0.plates', null, 'Tick it, or leave it without a tick.'],
        ],
    ],
    'a session' => [
        LogRequest::class,
        [
            ['done_on', '', 'Enter the day of the session.'],
            ['pain_before', 11, 'Pain goes from 0 to 10.'],
            ['pain_next_morning', 11, 'Pain goes from 0 to 10.'],
            ['items.0.pain_during', 11, 'Pain goes from 0 to 10.'],
            ['pain_where', ['x'], 'Say in a few words where, for example: left knee.'],
            ['items.0.effort', 11, 'RPE goes from 0 to 10, for example 6.'],
            ['items.0.sets.0.effort', 11, 'RPE goes from 0 to 10, for example 6.'],
            ['items.0.left', 51, 'Reps left is a whole number from 0 to 50, for example 3.'],
            ['items.0.sets.0.left', 51, 'Reps left is a whole number from 0 to 50, for example 3.'],
            ...array_map(static fn (string $load): array => [
                $load, 201, 'The load must be from 0 to '.Mass::say(200_000).', for example '.Mass::say(2500).'.',
            ], ['items.0.load_kg', 'items.0.left_load_kg', 'items.0.right_load_kg']),
            ['items.0.stood_cm', 19, 'Where they stood is from 20 to 600 cm, for example 180.'],
            ['items.0.sets.0.amount', 1801, 'This must be a whole number from 0 to 1800, for example 10.'],
            ['items.0.support', 'a rope', 'Choose what was held on to.'],
            ['items.0.pauses', 51, 'Count the short pauses, for example 2.'],
            ['items.0.instead', ['x'], 'Say in a few words what was done in its place.'],
            ['items.0.broken', 21, 'Count the sets in which form broke, for example 0.'],
        ],
    ],
    'sessions from paper' => [
        PaperRequest::class,
        [
            ['sessions.0.done_on', '', 'Enter the day of the session.'],
            ['sessions.0.pain_before', 11, 'Pain goes from 0 to 10.'],
            ['sessions.0.pain_next_morning', 11, 'Pain goes from 0 to 10.'],
            ['sessions.0.items.0.pain_during', 11, 'Pain goes from 0 to 10.'],
            ['sessions.0.items.0.amounts', 'twelve', 'Write the sets as numbers, for example 12 12 10.'],
            ['sessions.0.items.0.effort', 11, 'RPE goes from 0 to 10, for example 6.'],
            [
                'sessions.0.items.0.load_kg', 201,
                'The load must be from 0 to '.Mass::say(200_000).', for example '.Mass::say(2500).'.',
            ],
        ],
    ],
    'tests' => [
        MeasureRequest::class,
        [
            ['measured_on', '', 'Enter the day of the tests.'],
            ['key', 'x', 'This form has no key: load the page anew.'],
            ['seen', 'x', 'This page does not say what it showed: load it anew.'],
            ['results', [], 'Enter at least one result.'],
            ['results.0.side', 'top', 'Choose the left or the right side.'],
            ['results.0.value', 'many', 'Enter a number, for example 11.'],
            ['results.0.second_value', 'x', 'Enter the fall in mmHg, for example 8.'],
            ['results.0.load_kg', 'x', 'Enter the load as a number, for example '.Mass::say(2500).'.'],
            ['results.0.reps', 'x', 'Enter whole reps, for example 10.'],
            ['results.0.rir', 'x', 'Enter the reps that were left, for example 3.'],
        ],
    ],
    'an exercise of the clinic' => [
        OwnExerciseRequest::class,
        [
            ['name', 'x', 'Give it a name of 3 to 80 letters, for example "Squat at the bath rail".'],
            ['purpose', 'x', 'Say what it is for in a line.'],
            ['rungs.0.cues', 'x', 'One cue a line, two to four.'],
            ['rungs.0.mistakes', 'x', 'One mistake a line, two or three.'],
            ['rungs.0.impact', 4, 'Impact goes from 0 (none) to 3 (a jump), for example 1 for a heel drop.'],
            ['rungs.0.balance', 5, 'Balance goes from 0 (none) to 4 (one leg, nothing to hold), for example 2.'],
            ['rungs.0.seconds_per_unit', 61, 'Seconds from 0.2 to 60, for example 5.'],
            ['rungs.0.feel', '', 'This cannot be empty: write what the client needs to know.'],
        ],
    ],
    'who the clinic is' => [
        ProfileRequest::class,
        [
            ['name', '', 'Enter the name of the clinic, in 120 letters at most.'],
            ['address', ['x'], 'The address takes 200 letters at most.'],
            [
                'phone', 'ask inside',
                'A telephone number has digits, blanks and + ( ) / . - alone, for example +32 2 555 01 23.',
            ],
            [
                'emergency_phone', 'shout',
                'A telephone number has digits, blanks and + ( ) / . - alone, for example 112.',
            ],
            ['timezone', 'Nowhere', 'Choose a time zone, for example Europe/Brussels.'],
            ['locale', 'xx', 'Choose one of the languages listed.'],
            ['seen', 'x', 'This page does not say what it was made from: load it anew.'],
        ],
    ],
    'the screen' => [
        ScreenRequest::class,
        [
            ['key', 'x', 'This form has no key: load the page anew.'],
            ['version', 'x', 'This page does not say which state it was made from: load it anew.'],
            ['given_name', '', 'Enter a given name.'],
            ['family_name', '', 'Enter a family name.'],
            ['birth_date', '', 'Enter the birth date as year-month-day, for example 1944-03-02.'],
            ['sex', 'x', 'Choose female, male or other: the norms depend on it.'],
            [
                'body_mass_kg', 5,
                'Body mass must be from '.Mass::say(20_000).' to '.Mass::say(350_000).', for example '
                    .Mass::say(68_500).'.',
            ],
            ['height_cm', 89, 'Height must be from 90 to 230 cm, for example 165.'],
            ['birth_kind', 'early', 'Choose how the birth was: vaginal or caesarean.'],
            ['usual.sbp', 5, 'This usual value is not plausible; leave it empty when it is not known.'],
            ['conditions.0.code', 'luck', 'There are no rules for this condition yet.'],
            [
                'conditions.0.numbers.lift_kg', 0,
                'An ordered lift limit is from '.Mass::say(100).' to '.Mass::say(50_000).', for example '
                    .Mass::say(4500).'; leave it empty when none was given.',
            ],
            [
                'conditions.0.numbers.count', -1,
                'A count is a whole number from 0 to 1000, for example 45; leave it empty when it is not known.',
            ],
            ['mass_unit', 'stone', 'Choose kg or lb, or the clinic\'s unit.'],
            ['days.0', 8, 'Choose at least one day.'],
            ['treatment_days.0', 8, 'Choose days of the week, each once.'],
            ['best_time', ['x'], 'In 80 letters at most, for example: one hour after the morning tablet.'],
            ['minutes', 4, 'Minutes must be from 5 to 120, for example 30.'],
            ['usual_pain', 11, 'Pain goes from 0 to 10.'],
            ['clearance.limits.0.field', 'x', 'Choose what to limit.'],
            ['clearance.limits.0.value', '', 'Enter the limit, for example 5.'],
            ['clearance.limits.0.part', 'x', 'Choose which part of the body it is for.'],
        ],
    ],
]);

it('says what a plausible reading is, each in its own unit', function (
    string $vital, mixed $value, string $ends,
): void {
    expect($this->forms->says(GateRequest::class, $vital, $value))->toBe(
        "Not plausible: it must be from $ends. Read it again; if it stands, act by your local rules for an emergency.",
    );
})->with([
    ['sbp', 39, '40 to 300'], ['dbp', 201, '20 to 200'], ['heart_rate', 19, '20 to 250'], ['spo2', 29, '30 to 100'],
    ['glucose_mmol', 61, '0.3 to 60'], ['ketones_mmol', 21, '0 to 20'], ['temp_c', 45, '30 to 44'],
    ['weight_kg', 19, Mass::say(20_000).' to '.Mass::say(350_000)],
]);

it('tells the gate what pain goes by, and that a page without its key is old', function (): void {
    expect($this->forms->says(GateRequest::class, 'pain', 11))->toBe('Pain goes from 0 to 10.')
        ->and($this->forms->says(GateRequest::class, 'key', 'x'))->toBe('This form has no key: load the page anew.');
});

it('asks for what belongs with what was sent', function (string $field, array $with, string $says): void {
    expect($this->forms->says(ScreenRequest::class, $field, null, $with))->toBe($says)
        ->and($this->forms->says(ScreenRequest::class, $field, null))->toBe('');
})->with([
    'how a birth was' => [
        'birth_kind', ['birth_given_on' => '2026-01-05'], 'Choose how the birth was: vaginal or caesarean.',
    ],
    'who wrote a letter that limits' => [
        'clearance.given_by', ['clearance' => ['limits' => [['field' => 'lift_max_g']]]],
        'Say who wrote the letter, for example: Dr Amari.',
    ],
    'the day of a letter' => [
        'clearance.given_on', ['clearance' => ['given_by' => 'Dr Amari']],
        'Enter the day the clearance was given, for example 2026-11-20.',
    ],
]);

it('tells what is there twice', function (string $form, string $list, array $rows, string $field, string $says): void {
    expect($this->forms->faults($form, $list, $rows)->first($field))->toBe($says);
})->with([
    'a condition' => [
        ScreenRequest::class, 'conditions', [['code' => 'glaucoma'], ['code' => 'glaucoma']], 'conditions.1.code',
        'This condition is entered twice.',
    ],
    'a day' => [ScreenRequest::class, 'days', [1, 1], 'days.1', 'Choose at least one day.'],
    'a day of treatment' => [
        ScreenRequest::class, 'treatment_days', [1, 1], 'treatment_days.1', 'Choose days of the week, each once.',
    ],
    'a day on paper' => [
        PaperRequest::class, 'sessions', [['done_on' => '2026-01-05'], ['done_on' => '2026-01-05']],
        'sessions.1.done_on', 'Two columns have the same day.',
    ],
    'an exercise of a session' => [LogRequest::class, 'items', [['item' => 3], ['item' => 3]], 'items.1.item',
        'This is there twice.',
    ],
    'what was seen' => [
        LogRequest::class, 'items.0.seen', ['knee_in', 'knee_in'], 'items.0.seen.1', 'This is there twice.',
    ],
    'an exercise of a session at home' => [
        SessionRequest::class, 'items', [['item' => 3], ['item' => 3]], 'items.1.item', 'This is there twice.',
    ],
    'a sign at home' => [
        CheckRequest::class, 'signs', ['chest_pain', 'chest_pain'], 'signs.1', 'This is there twice.',
    ],
    'a rung' => [
        OwnExerciseRequest::class, 'rungs', [['code' => 'a'], ['code' => 'a']], 'rungs.1.code', 'This is there twice.',
    ],
    'a goal' => [
        DraftRequest::class, 'wishes.goals', ['stairs', 'stairs'], 'wishes.goals.1',
        'Choose goals from the list, 12 at most.',
    ],
    'a pinned exercise' => [
        DraftRequest::class, 'wishes.pin', ['x.y', 'x.y'], 'wishes.pin.1',
        'Choose exercises from the list, 20 at most.',
    ],
    'one left out' => [
        DraftRequest::class, 'wishes.exclude', ['x.y', 'x.y'], 'wishes.exclude.1',
        'Choose what to leave out from the list.',
    ],
]);

it('gives as an example of a due day one that is four months ahead', function (): void {
    $example = (string) $this->scene->user->clinic->today()->plus(120);
    expect($this->forms->says(ScreenRequest::class, 'due_date', 'soon'))
        ->toContain("for example $example. After the birth, enter its day instead.");
});

it('gives as an example of a day one that works', function (string $form, string $field, int $ahead): void {
    $example = (string) $this->scene->user->clinic->today()->plus($ahead);
    expect($this->forms->says($form, $field, 'soon'))->toContain("for example $example.")
        ->and($this->forms->says($form, $field, $example))->toBe('');
})->with([
    [LogRequest::class, 'done_on', -6], [ScreenRequest::class, 'birth_given_on', -6],
    [ScreenRequest::class, 'conditions.0.since', 60], [ScreenRequest::class, 'clearance.until', 60],
]);
