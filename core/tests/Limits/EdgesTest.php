<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watched;

/* Where a limit turns, and what is said there. */

/** @return list<array{string, string}> date and words of what lies ahead */
function tightensOf(array $client): array
{
    $facts = new Facts(Made::client($client), Day::of('2026-11-27'));

    return array_map(static fn (Crossing $c): array => [(string) $c->date, $c->says], [
        ...RuleBook::standard()->crossings($facts),
    ]);
}

/** @return list<string> */
function notesFor(array $client): array
{
    $facts = new Facts(Made::client($client), Day::of('2026-11-27'));
    $notes = array_filter(
        RuleBook::standard()->envelope($facts)->all(), static fn ($l): bool => $l->field === Field::Notes,
    );

    return array_values(array_map(static fn ($l): string => $l->says, $notes));
}

it('reminds of what a client sees to around a session', function (string $reminder, array $codes): void {
    $with = array_filter(
        RuleBook::standard()->conditions(),
        static fn (ConditionAbout $a): bool => in_array(Reminder::from($reminder), $a->reminders, true),
    );
    expect(array_values(array_map(static fn (ConditionAbout $a): string => $a->code, $with)))->toEqualCanonicalizing(
        $codes,
    );
})->with([
    ['rise_slowly', [
        'hypertension_controlled', 'orthostatic_drop', 'autonomic_neuropathy', 'parkinsons', 'dizziness', 'epilepsy',
    ]],
    ['carbohydrate', ['diabetes_glucose_lowering']], ['shoes_on', ['peripheral_neuropathy']],
    ['dialysis_days', ['dialysis_fistula']], ['on_time', ['parkinsons']],
    ['keep_cool', ['multiple_sclerosis', 'spinal_cord_injury_t6_or_above']],
    ['bladder_first', ['spinal_cord_injury_t6_or_above']], ['sleeve', ['lymphedema']],
    ['pelvic_floor', ['pelvic_organ_prolapse']],
]);

it('warns of what a wheelchair has, or lacks, or nobody asked about', function (
    array $chair,
    bool $tips,
    bool $plate,
): void {
    $function = [...Made::form()['function'], 'standing' => 'none', ...$chair === [] ? [] : ['wheelchair' => $chair]];
    $notes = implode(' ', notesFor(['conditions' => [['code' => 'wheelchair_user']], 'function' => $function]));
    expect(str_contains($notes, 'Anti-tip bars: none'))
        ->toBe($tips)
        ->and(str_contains($notes, 'Footplate: swing it away'))
        ->toBe($plate);
})->with([
    'not asked' => [[], true, true], 'both' => [['anti_tip' => true, 'footplate' => true], false, true],
    'neither' => [['anti_tip' => false, 'footplate' => false], true, false],
]);

it('says of a fragile client, and of no other, that two exercises at most step up', function (
    string $born, int $n,
): void {
    $notes = array_filter(
        notesFor(['birth_date' => $born]),
        static fn (string $says): bool => $says === 'Fragile: at most two exercises step up in one session.',
    );
    expect($notes)->toHaveCount($n);
})->with(['eighty' => ['1946-11-27', 1], 'a day younger' => ['1946-11-28', 0]]);

it('warns nobody of a wheelchair who has none', function (): void {
    expect(implode(' ', notesFor([])))->not->toContain('Anti-tip')->not->toContain('Footplate');
});

it('says when a pregnancy is held back later', function (string $code, string $due, array $ahead): void {
    $found = tightensOf([
        'sex' => 'female',
        'birth_date' => '1994-01-01',
        'pregnancy' => ['due_date' => $due],
        'conditions' => [['code' => $code]],
    ]);
    foreach ($ahead as $line) {
        expect($found)->toContain($line);
    }
    expect(count(array_filter($found, static fn (array $c): bool => str_contains($c[1], 'weeks with'))))->toBe(
        count($ahead),
    );
})->with([
    // 24 weeks on the day: 112 days to go. At 26 weeks, at 28 weeks.
    'placenta praevia' => [
        'pregnancy_placenta_praevia',
        '2027-03-19',
        [['2026-12-11', '26 weeks with placenta praevia: exercise is withheld.']],
    ],
    'twins' => ['pregnancy_twins', '2027-03-19', [['2026-12-25', '28 weeks with twins: clearance is required.']]],
    'past it' => ['pregnancy_twins', '2027-02-05', []],
]);

it('lets what tightens act by itself on its date, and what ends wait', function (array $client, array $tightens): void {
    $crossings = RuleBook::standard()->crossings(new Facts(Made::client($client), Day::of('2026-11-27')));
    expect(array_values(array_unique(array_column($crossings, 'tightens'))))->toBe($tightens);
})->with([
    'a pregnancy that is held back later' => [[
        'sex' => 'female', 'birth_date' => '1994-01-01', 'pregnancy' => ['due_date' => '2027-03-19'],
        'conditions' => [['code' => 'pregnancy_twins']],
    ], [true]],
    'an order' => [['own_limits' => [[
        'field' => 'effort_max', 'value' => '4', 'by' => 'Dr Amari', 'why' => 'wound', 'until' => '2026-12-10',
    ]]], [false]],
    'a surgery' => [
        ['conditions' => [['code' => 'abdominal_surgery', 'since' => '2026-11-20', 'until' => '2027-01-20']]], [false],
    ],
]);

it('ends an order of six weeks after six weeks', function (string $code): void {
    $surgery = ['code' => $code, 'side' => 'left', 'since' => '2026-11-20'];
    expect(array_column(tightensOf(['conditions' => [$surgery]]), 0))->toContain('2027-01-01');
})->with(['abdominal_surgery', 'breast_surgery', 'prostate_surgery', 'device_pacemaker_icd']);

it('ends impact\'s rest after a birth at twelve weeks, with a screen that shows nothing', function (
    string $on,
    array $symptoms,
    int $impact,
): void {
    $client = Made::client([
        'sex' => 'female', 'birth_date' => '1994-01-01',
        'postpartum' => ['birth_date' => '2026-09-04', 'birth' => 'vaginal', 'symptoms' => $symptoms],
    ]);
    expect(
        RuleBook::standard()->envelope(new Facts($client, Day::of($on)))->tightest(Field::ImpactMax)?->value,
    )->toBe($impact);
})->with([
    // Born on 4 September: 84 days later is 27 November.
    'a day before' => ['2026-11-26', ['symptom_free_screen'], 0],
    'on the day, screened' => ['2026-11-27', ['symptom_free_screen'], 3],
    'on the day, not screened' => ['2026-11-27', [], 0],
]);

it('takes a balance test at its very figure', function (array $result, bool $flagged): void {
    $facts = new Facts(Made::client(), Day::of('2026-11-27'), MeasureSet::read([new Bag($result)]));
    $limit = RuleBook::standard()->envelope($facts)->tightest(Field::Vision);
    expect($limit?->value?->value === 'eyes_open')->toBe($flagged);
})->with([
    'up and go in 12 s' => [['test' => 'timed_up_and_go', 'value' => 12], true],
    'a tenth quicker' => [['test' => 'timed_up_and_go', 'value' => 11.9], false],
    'one leg for 5 s' => [['test' => 'one_leg_stand', 'side' => 'left', 'value' => 5], false],
    'a tenth shorter' => [['test' => 'one_leg_stand', 'side' => 'left', 'value' => 4.9], true],
    'tandem for 10 s' => [['test' => 'tandem_stand', 'value' => 10], false],
    'a tenth less' => [['test' => 'tandem_stand', 'value' => 9.9], true],
]);

it('says which own figure would do', function (string $field, string $value, string $says): void {
    $limits = ['own_limits' => [['field' => $field, 'value' => $value, 'by' => 'Dr Amari', 'why' => 'as ordered']]];
    expect(fn () => RuleBook::standard()->envelope(new Facts(Made::client($limits), Day::of('2026-11-27'))))
        ->toThrow(InvalidInput::class, $says);
})->with([
    ['effort_max', '11', 'must be a whole number from 0 to 10, for example 5.'],
    ['load_pct_max', '101', 'must be a whole number from 0 to 100, for example 50.'],
    ['impact_max', '4', 'must be a whole number from 0 to 3, for example 1.'],
]);

it('stops everybody for these signs, and a client for those of their own besides', function (
    array $conditions,
    array $more,
): void {
    $all = [
        'chest_pain', 'faintness', 'new_breathlessness', 'new_weakness', 'sudden_headache', 'calf_swelling',
        'fall_with_injury', 'loss_of_bladder_or_bowel_control', 'vision_change', 'trouble_speaking',
        'confusion_or_drooping_face', ...$more,
    ];
    expect(array_column(Made::envelope($conditions)->redFlags(), 'value'))->toEqualCanonicalizing($all);
})->with([
    'nobody in particular' => [[], []],
    'a cord injury' => [[['code' => 'spinal_cord_injury_t6_or_above']], ['dysreflexia_signs']],
    'an anticoagulant' => [[['code' => 'anticoagulant']], ['knock_to_the_head']],
    'a device' => [[['code' => 'device_pacemaker_icd', 'side' => 'left']], ['device_shock']],
    'a metastasis' => [[['code' => 'bone_metastasis', 'detail' => ['spine']]], ['new_bone_pain']],
    'a sternotomy' => [[['code' => 'sternotomy', 'since' => '2026-11-01']], ['breastbone_click']],
    'arteries of the legs' => [[['code' => 'peripheral_artery_disease']], ['rest_pain_in_leg']],
    'a sore back' => [[['code' => 'low_back_pain']], ['saddle_numbness']],
]);

it('says which school loads a fragile bone', function (array $schools, string $says): void {
    expect(implode(' ', notesFor(['conditions' => [['code' => 'osteoporosis']], ...$schools])))->toContain($says);
})->with([
    'none chosen' => [[], 'School: moderate loads of 8-12 reps'],
    'moderate' => [['schools' => ['fragile_bone' => 'moderate']], 'School: moderate loads of 8-12 reps'],
    'light and many' => [
        ['schools' => ['fragile_bone' => 'light_many']],
        'School chosen: light and many, 10 up to 25 reps',
    ],
]);

it('names the signs that stop anyone, whatever was entered', function (): void {
    $limits = RuleBook::standard()->envelope(new Facts(Made::client([]), Day::of('2026-11-27')))->all();
    $signs = array_filter($limits, static fn ($l): bool => $l->field === Field::StopSigns);
    $names = array_map(static fn ($l): string => $l->value instanceof Sign ? $l->value->value : $l->value, $signs);
    sort($names);
    expect($names)->toBe([
        'calf_swelling', 'chest_pain', 'confusion_or_drooping_face', 'faintness', 'fall_with_injury',
        'loss_of_bladder_or_bowel_control', 'new_breathlessness', 'new_weakness', 'sudden_headache',
        'trouble_speaking', 'vision_change',
    ]);
});

it('ends the first block of cancer after two weeks', function (): void {
    $ahead = tightensOf(['conditions' => [['code' => 'cancer', 'since' => '2026-11-20']]]);
    expect($ahead[0][0])->toBe('2026-12-04')->and($ahead[0][1])->toStartWith('First two weeks end. ');
});

it('names the signs of a pregnancy that stop', function (): void {
    $client = Made::client(['sex' => 'female', 'pregnancy' => ['due_date' => '2027-03-19']]);
    $facts = new Facts($client, Day::of('2026-11-27'));
    $limits = RuleBook::standard()->envelope($facts)->all();
    $own = array_filter(
        $limits, static fn ($l): bool => $l->field === Field::StopSigns && $l->rule === 'pregnancy',
    );
    $names = array_map(static fn ($l): string => $l->value instanceof Sign ? $l->value->value : $l->value, $own);
    sort($names);
    // ACOG Committee Opinion 804, table of warning signs.
    expect($names)->toBe([
        'abdominal_pain', 'baby_moves_less', 'breathless_before_effort', 'calf_swelling', 'chest_pain', 'dizziness',
        'fluid_leaking', 'headache', 'regular_contractions', 'vaginal_bleeding', 'weakness_of_balance',
    ]);
});

it('waits for no look that nobody asked for', function (): void {
    $of = static fn (array $client): Envelope => RuleBook::standard()->envelope(
        new Facts(Made::client($client), Day::of('2026-11-27')),
    );
    $sugar = $of(['conditions' => [['code' => 'diabetes_glucose_lowering']]]);
    expect($of([])->waitsFor(Watched::Glucose, Moment::Before))->toBeFalse()
        ->and($sugar->waitsFor(Watched::Glucose, Moment::Before))->toBeTrue()
        ->and($sugar->waitsFor(Watched::Saturation, Moment::Before))->toBeFalse();
});
