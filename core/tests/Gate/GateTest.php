<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Gate\GateResult;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watched;

require_once __DIR__.'/helpers.php';

it('gives the verdict of its row, on both sides of each boundary', function (
    array $client, array $readings, array $symptoms, ?int $pain, string $verdict,
): void {
    $result = gateFor($client, $readings, $symptoms, $pain);
    expect($result->verdict->value)->toBe($verdict, json_encode($result));
    if ($verdict !== 'go') {
        expect($result->findings)->not->toBe([])->and($result->actions())->not->toBe([]);
    }
})->with([
    '159/99, known' => [PRESSED, ['sbp' => 159, 'dbp' => 99], [], null, 'go'],
    '160, known' => [PRESSED, ['sbp' => 160, 'dbp' => 80], [], null, 'lighter'],
    '100 below, known' => [PRESSED, ['sbp' => 140, 'dbp' => 100], [], null, 'lighter'],
    '179/109, known' => [PRESSED, ['sbp' => 179, 'dbp' => 109], [], null, 'lighter'],
    '180, first' => [PRESSED, ['sbp' => 180, 'dbp' => 90], [], null, 'wait'],
    '110 below, first' => [PRESSED, ['sbp' => 150, 'dbp' => 110], [], null, 'wait'],
    '180, repeated' => [PRESSED, ['sbp' => 180, 'dbp' => 90, 'repeat' => true], [], null, 'not_today'],
    '160, not known, first' => [[], ['sbp' => 160, 'dbp' => 90], [], null, 'wait'],
    '160, not known, repeated' => [[], ['sbp' => 160, 'dbp' => 90, 'repeat' => true], [], null, 'lighter'],
    '160 with a headache' => [PRESSED, ['sbp' => 160, 'dbp' => 90], ['headache'], null, 'stop_and_call'],
    'pregnant 139/89' => [EXPECTING, ['sbp' => 139, 'dbp' => 89], [], null, 'go'],
    'pregnant 140' => [EXPECTING, ['sbp' => 140, 'dbp' => 80], [], null, 'not_today'],
    'pregnant 90 below' => [EXPECTING, ['sbp' => 120, 'dbp' => 90], [], null, 'not_today'],
    'pregnant 159/109' => [EXPECTING, ['sbp' => 159, 'dbp' => 109], [], null, 'not_today'],
    'pregnant 160' => [EXPECTING, ['sbp' => 160, 'dbp' => 90], [], null, 'stop_and_call'],
    'new mother 140' => [
        ['postpartum' => ['birth_date' => '2026-10-20', 'birth' => 'vaginal']],
        ['sbp' => 140, 'dbp' => 80],
        [],
        null,
        'not_today',
    ],
    'mother after six weeks 140' => [
        ['postpartum' => ['birth_date' => '2026-10-14', 'birth' => 'vaginal', 'symptoms' => ['symptom_free_screen']]],
        ['sbp' => 140, 'dbp' => 80],
        [],
        null,
        'go',
    ],
    'pregnant 140 with a headache' => [EXPECTING, ['sbp' => 140, 'dbp' => 80], ['headache'], null, 'stop_and_call'],
    'pregnant 90 below with a headache' => [
        EXPECTING, ['sbp' => 120, 'dbp' => 90], ['headache'], null, 'stop_and_call',
    ],
    'pregnant 110 below' => [EXPECTING, ['sbp' => 130, 'dbp' => 110], [], null, 'stop_and_call'],
    '160 with a change of vision' => [PRESSED, ['sbp' => 160, 'dbp' => 90], ['vision_change'], null, 'stop_and_call'],
    '100 below with a headache' => [PRESSED, ['sbp' => 140, 'dbp' => 100], ['headache'], null, 'stop_and_call'],
    'low 75, usual 89' => [['usual' => ['sbp' => 89]], ['sbp' => 75, 'dbp' => 50], [], null, 'go'],
    'low 74, usual 89' => [['usual' => ['sbp' => 89]], ['sbp' => 74, 'dbp' => 50], [], null, 'not_today'],
    'low 89, usual 90' => [['usual' => ['sbp' => 90]], ['sbp' => 89, 'dbp' => 50], [], null, 'not_today'],
    'pulse 119' => [[], ['heart_rate' => 119], [], null, 'lighter'],
    'pulse 40' => [[], ['heart_rate' => 40], [], null, 'go'],
    'pulse 35, usual 44' => [['usual' => ['heart_rate' => 44]], ['heart_rate' => 35], [], null, 'go'],
    'pulse 34, usual 44' => [['usual' => ['heart_rate' => 44]], ['heart_rate' => 34], [], null, 'not_today'],
    'pulse 39, usual 45' => [['usual' => ['heart_rate' => 45]], ['heart_rate' => 39], [], null, 'not_today'],
    'irregular, again' => [[], ['irregular_pulse' => true, 'repeat' => true], [], null, 'not_today'],
    'saturation 91, breathless' => [[], ['spo2' => 91], ['breathless_at_rest'], null, 'stop_and_call'],
    'glucose 16.7, ketones 0.5' => [
        SUGARED, ['glucose_mmol' => 16.7, 'ketones_mmol' => 0.5, 'unwell' => false], [], null, 'go',
    ],
    'glucose 13.9 and unwell' => [
        SUGARED, ['glucose_mmol' => 13.9, 'ketones_mmol' => 0.5, 'unwell' => true], [], null, 'lighter',
    ],
    'low 99, usual not known' => [[], ['sbp' => 99, 'dbp' => 60], [], null, 'lighter'],
    'low 100' => [[], ['sbp' => 100, 'dbp' => 60], [], null, 'go'],
    'low 98, usual 110' => [['usual' => ['sbp' => 110]], ['sbp' => 98, 'dbp' => 60], [], null, 'go'],
    'low 95, usual 110' => [['usual' => ['sbp' => 110]], ['sbp' => 95, 'dbp' => 60], [], null, 'lighter'],
    'low 89' => [[], ['sbp' => 89, 'dbp' => 50], [], null, 'not_today'],
    'low 89, usual 85' => [['usual' => ['sbp' => 85]], ['sbp' => 89, 'dbp' => 50], [], null, 'go'],
    'low 95 and dizzy' => [[], ['sbp' => 95, 'dbp' => 60], ['dizziness'], null, 'not_today'],
    'pulse 100' => [[], ['heart_rate' => 100], [], null, 'go'],
    'pulse 101' => [[], ['heart_rate' => 101], [], null, 'lighter'],
    'pulse 120' => [[], ['heart_rate' => 120], [], null, 'not_today'],
    'pulse 85, usual 65' => [['usual' => ['heart_rate' => 65]], ['heart_rate' => 85], [], null, 'lighter'],
    'pulse 84, usual 65' => [['usual' => ['heart_rate' => 65]], ['heart_rate' => 84], [], null, 'go'],
    'pulse 39' => [[], ['heart_rate' => 39], [], null, 'not_today'],
    'pulse 39, usual 40' => [['usual' => ['heart_rate' => 40]], ['heart_rate' => 39], [], null, 'go'],
    'irregular, new' => [[], ['irregular_pulse' => true], [], null, 'wait'],
    'irregular with symptoms' => [[], ['irregular_pulse' => true], ['dizziness'], null, 'stop_and_call'],
    'saturation 92' => [[], ['spo2' => 92], [], null, 'go'],
    'saturation 91, first' => [[], ['spo2' => 91], [], null, 'wait'],
    'saturation 91, repeated' => [[], ['spo2' => 91, 'repeat' => true], [], null, 'not_today'],
    'lung 92' => [BREATHLESS, ['spo2' => 92], [], null, 'go'],
    'lung 91' => [BREATHLESS, ['spo2' => 91], [], null, 'lighter'],
    'lung 88' => [BREATHLESS, ['spo2' => 88], [], null, 'lighter'],
    'lung 87, first' => [BREATHLESS, ['spo2' => 87], [], null, 'wait'],
    'lung 87, repeated' => [BREATHLESS, ['spo2' => 87, 'repeat' => true], [], null, 'not_today'],
    'lung 87, breathless' => [BREATHLESS, ['spo2' => 87], ['breathless_at_rest'], null, 'stop_and_call'],
    'glucose 5.6' => [SUGARED, ['glucose_mmol' => 5.6], [], null, 'go'],
    'glucose 5.5' => [SUGARED, ['glucose_mmol' => 5.5], [], null, 'lighter'],
    'glucose 5.0' => [SUGARED, ['glucose_mmol' => 5.0], [], null, 'lighter'],
    'glucose 4.9' => [SUGARED, ['glucose_mmol' => 4.9], [], null, 'wait'],
    'glucose 3.0' => [SUGARED, ['glucose_mmol' => 3.0], [], null, 'wait'],
    'glucose 2.9' => [SUGARED, ['glucose_mmol' => 2.9], [], null, 'not_today'],
    'glucose 4.9, no lowering medicine' => [[], ['glucose_mmol' => 4.9], [], null, 'go'],
    'glucose 13.9' => [SUGARED, ['glucose_mmol' => 13.9], [], null, 'go'],
    'glucose 14, ketones unknown' => [SUGARED, ['glucose_mmol' => 14], [], null, 'wait'],
    'glucose 14, ketones 0.5' => [SUGARED, ['glucose_mmol' => 14, 'ketones_mmol' => 0.5], [], null, 'go'],
    'glucose 16.8, well, ketones 0.5' => [
        SUGARED, ['glucose_mmol' => 16.8, 'ketones_mmol' => 0.5, 'unwell' => false], [], null, 'lighter',
    ],
    'glucose 14 and unwell' => [
        SUGARED, ['glucose_mmol' => 14, 'ketones_mmol' => 0.5, 'unwell' => true], [], null, 'stop_and_call',
    ],
    'ketones 0.6' => [SUGARED, ['glucose_mmol' => 10, 'ketones_mmol' => 0.6], [], null, 'lighter'],
    'ketones 1.4' => [SUGARED, ['glucose_mmol' => 10, 'ketones_mmol' => 1.4], [], null, 'lighter'],
    'ketones 1.5' => [SUGARED, ['glucose_mmol' => 10, 'ketones_mmol' => 1.5], [], null, 'stop_and_call'],
    'a low that needed help' => [SUGARED, ['glucose_mmol' => 8], ['severe_low_24h'], null, 'not_today'],
    'glucose 3.8, no lowering medicine' => [[], ['glucose_mmol' => 3.8], [], null, 'wait'],
    'glucose 3.9, no lowering medicine' => [[], ['glucose_mmol' => 3.9], [], null, 'go'],
    'glucose 14, no lowering medicine, well' => [[], ['glucose_mmol' => 14, 'unwell' => false], [], null, 'go'],
    'glucose 16.7, no lowering medicine, well' => [[], ['glucose_mmol' => 16.7, 'unwell' => false], [], null, 'go'],
    'glucose 16.8, no lowering medicine, well' => [
        [], ['glucose_mmol' => 16.8, 'unwell' => false], [], null, 'lighter',
    ],
    'glucose 14, no lowering medicine, not asked' => [[], ['glucose_mmol' => 14], [], null, 'lighter'],
    'glucose 14, no lowering medicine, unwell' => [
        [], ['glucose_mmol' => 14, 'unwell' => true], [], null, 'stop_and_call',
    ],
    'unwell on an SGLT2 inhibitor, ketones not known' => [
        GLIFLOZIN, ['glucose_mmol' => 8, 'unwell' => true], [], null, 'wait',
    ],
    'unwell on an SGLT2 inhibitor, ketones 0.5' => [
        GLIFLOZIN, ['glucose_mmol' => 8, 'ketones_mmol' => 0.5, 'unwell' => true], [], null, 'lighter',
    ],
    'well on an SGLT2 inhibitor' => [GLIFLOZIN, ['glucose_mmol' => 8, 'unwell' => false], [], null, 'go'],
    'cord injury, 19 over its usual' => [CORD, ['sbp' => 114, 'dbp' => 60, 'skin_ok' => true], [], null, 'go'],
    'cord injury, 20 over its usual' => [CORD, ['sbp' => 115, 'dbp' => 60, 'skin_ok' => true], [], null, 'wait'],
    'cord injury, 20 over its usual, again' => [
        CORD, ['sbp' => 115, 'dbp' => 60, 'skin_ok' => true, 'repeat' => true], [], null, 'stop_and_call',
    ],
    'cord injury, 20 over its usual, with any sign' => [
        CORD, ['sbp' => 115, 'dbp' => 60, 'skin_ok' => true], ['headache'], null, 'stop_and_call',
    ],
    'cord injury, 19 over its usual, with a headache' => [
        CORD, ['sbp' => 114, 'dbp' => 60, 'skin_ok' => true], ['headache'], null, 'lighter',
    ],
    'cord injury, usual not known' => [
        ['conditions' => CORD['conditions']], ['sbp' => 110, 'dbp' => 60, 'skin_ok' => true], [], null, 'wait',
    ],
    'nobody else by 20 over the usual' => [['usual' => ['sbp' => 95]], ['sbp' => 115, 'dbp' => 60], [], null, 'go'],
    'standing 19 lower' => [
        FAINT, ['sbp' => 130, 'dbp' => 70, 'sbp_standing' => 111, 'dbp_standing' => 61], [], null, 'go',
    ],
    'standing 20 lower' => [
        FAINT, ['sbp' => 130, 'dbp' => 70, 'sbp_standing' => 110, 'dbp_standing' => 65], [], null, 'lighter',
    ],
    'standing 10 lower below' => [
        FAINT, ['sbp' => 130, 'dbp' => 70, 'sbp_standing' => 125, 'dbp_standing' => 60], [], null, 'lighter',
    ],
    'standing 20 lower and dizzy' => [
        FAINT, ['sbp' => 130, 'dbp' => 70, 'sbp_standing' => 110, 'dbp_standing' => 65], ['dizziness'], null,
        'not_today',
    ],
    'standing not read' => [FAINT, ['sbp' => 130, 'dbp' => 70], [], null, 'lighter'],
    'standing not asked for' => [PRESSED, ['sbp' => 130, 'dbp' => 70], [], null, 'go'],
    'weight up 2.0 in three days' => [
        FAILING, [
            'sbp' => 120, 'dbp' => 70, 'weight_kg' => 72, 'weight_log' => [['on' => '2026-11-22', 'kg' => 70]],
        ], [], null, 'go',
    ],
    'weight up 2.1 in three days' => [
        FAILING, [
            'sbp' => 120, 'dbp' => 70, 'weight_kg' => 72.1,
            'weight_log' => [['on' => '2026-11-22', 'kg' => 70], ['on' => '2026-11-24', 'kg' => 71.8]],
        ], [], null, 'not_today',
    ],
    'weight up 2.1 in four days' => [
        FAILING, [
            'sbp' => 120, 'dbp' => 70, 'weight_kg' => 72.1,
            'weight_log' => [['on' => '2026-11-21', 'kg' => 70], ['on' => '2026-11-24', 'kg' => 71.8]],
        ], [], null, 'go',
    ],
    'weight up 2.1 today' => [
        FAILING, [
            'sbp' => 120, 'dbp' => 70, 'weight_kg' => 72.1, 'weight_log' => [['on' => '2026-11-25', 'kg' => 70]],
        ], [], null, 'go',
    ],
    'weight up 3 in three days, breathless' => [
        FAILING, [
            'sbp' => 120, 'dbp' => 70, 'weight_kg' => 73, 'weight_log' => [['on' => '2026-11-23', 'kg' => 70]],
        ], ['new_breathlessness'], null, 'stop_and_call',
    ],
    'temperature 37.9' => [[], ['temp_c' => 37.9], [], null, 'go'],
    'temperature 38.0' => [[], ['temp_c' => 38.0], [], null, 'not_today'],
    'pain 3, no usual' => [[], [], [], 3, 'go'],
    'pain 4, no usual' => [[], [], [], 4, 'lighter'],
    'pain 6, no usual' => [[], [], [], 6, 'lighter'],
    'pain 7, no usual' => [[], [], [], 7, 'not_today'],
    'pain at its usual 5' => [['usual' => ['pain' => 5]], [], [], 5, 'go'],
    'pain 1 above' => [['usual' => ['pain' => 2]], [], [], 3, 'go'],
    'pain 2 above' => [['usual' => ['pain' => 2]], [], [], 4, 'lighter'],
    'pain 3 above' => [['usual' => ['pain' => 2]], [], [], 5, 'not_today'],
    'a high pain, 2 above its usual' => [['usual' => ['pain' => 6]], [], [], 8, 'lighter'],
    'weight up 2.0' => [
        ['conditions' => [['code' => 'heart_failure']], 'usual' => ['weight_kg' => 70]],
        ['sbp' => 120, 'dbp' => 70, 'weight_kg' => 72],
        [],
        null,
        'go',
    ],
    'weight up 2.1' => [
        ['conditions' => [['code' => 'heart_failure']], 'usual' => ['weight_kg' => 70]],
        ['sbp' => 120, 'dbp' => 70, 'weight_kg' => 72.1],
        [],
        null,
        'not_today',
    ],
    'skin broken' => [[], ['skin_ok' => false], [], null, 'lighter'],
    'skin sound' => [[], ['skin_ok' => true], [], null, 'go'],
    'a limb swollen' => [[], ['limb_change' => true], [], null, 'lighter'],
    'a limb as ever' => [[], ['limb_change' => false], [], null, 'go'],
    'fatigue 6' => [[], ['fatigue' => 6], [], null, 'go'],
    'fatigue 7' => [[], ['fatigue' => 7], [], null, 'lighter'],
    'unwell' => [[], ['unwell' => true], [], null, 'lighter'],
    'well' => [[], ['unwell' => false], [], null, 'go'],
    'slept badly' => [[], ['slept_badly' => true], [], null, 'lighter'],
    'dizziness alone' => [[], [], ['dizziness'], null, 'lighter'],
    'dizziness in pregnancy' => [EXPECTING, ['sbp' => 110, 'dbp' => 70], ['dizziness'], null, 'stop_and_call'],
    'a missing watch' => [PRESSED, [], [], null, 'lighter'],
    'half a pressure' => [PRESSED, ['sbp' => 120], [], null, 'lighter'],
    'exercise withheld' => [
        ['conditions' => [['code' => 'pregnancy_pre_eclampsia']]], ['sbp' => 110, 'dbp' => 70], [], null,
        'stop_and_call',
    ],
]);

it('says what was read and when to look again', function (
    array $client, array $readings, string $says, string $action, ?int $minutes,
): void {
    $finding = gateFor($client, $readings)->findings[0];
    expect([$finding->says, $finding->againInMinutes])->toBe([$says, $minutes])->and($finding->do)->toContain($action);
})->with([
    'pressure' => [PRESSED, ['sbp' => 185, 'dbp' => 95], 'Blood pressure 185/95.', 'Sit quietly for 5 minutes', 5],
    'pressure with no hypertension on record' => [
        [], ['sbp' => 165, 'dbp' => 95], 'Blood pressure 165/95. No hypertension is on record.', 'read it again', 5,
    ],
    'dysreflexia' => [
        CORD,
        ['sbp' => 115, 'dbp' => 60, 'skin_ok' => true],
        'Systolic pressure 115, usual 95.',
        'read it again in 5 minutes',
        5,
    ],
    'the upper alone' => [[], ['sbp' => 185], 'Blood pressure 185/?.', 'read it again', 5],
    'the lower alone' => [[], ['dbp' => 112], 'Blood pressure ?/112.', 'read it again', 5],
    'a low pressure' => [
        ['usual' => ['sbp' => 118]], ['sbp' => 95, 'dbp' => 60], 'Systolic pressure 95, usual 118.', 'rise slowly',
        null,
    ],
    'a low pressure, usual not known' => [
        [], ['sbp' => 95, 'dbp' => 60], 'Systolic pressure 95, usual not known.', 'rise slowly', null,
    ],
    'a pulse' => [
        ['usual' => ['heart_rate' => 62]], ['heart_rate' => 104], 'Resting heart rate 104, usual 62.', 'Lighter today.',
        null,
    ],
    'an irregular pulse' => [[], ['irregular_pulse' => true], 'Irregular pulse, new.', 'feel it again', 5],
    'saturation' => [[], ['spo2' => 90], 'Saturation 90 %.', 'Warm the finger', 5],
    'glucose' => [SUGARED, ['glucose_mmol' => 4.2], 'Glucose 4.2 mmol/L.', 'test again in 15 minutes', 15],
    'ketones not known, unwell on an SGLT2 inhibitor' => [
        GLIFLOZIN, ['glucose_mmol' => 8, 'unwell' => true], 'Unwell on an SGLT2 inhibitor, ketones not known.',
        'Test ketones first, whatever the glucose.', 10,
    ],
    'glucose of somebody on no medicine for it' => [
        [], ['glucose_mmol' => 3.5], 'Glucose 3.5 mmol/L.', 'test again in 15 minutes', 15,
    ],
    'ketones not known' => [
        SUGARED, ['glucose_mmol' => 15.2], 'Glucose 15.2 mmol/L. Ketones not known.', 'Test ketones first.', 10,
    ],
    'very high glucose, not asked how they feel' => [
        SUGARED, ['glucose_mmol' => 17.0, 'ketones_mmol' => 0.2], 'Glucose 17.0 mmol/L.',
        'Only if they feel well: ask.', null,
    ],
    'weight' => [
        ['conditions' => [['code' => 'heart_failure']], 'usual' => ['weight_kg' => 70]],
        ['sbp' => 120, 'dbp' => 70, 'weight_kg' => 72.5],
        Made::said('Weight up 2.5 kg.'),
        'call the heart-failure team',
        null,
    ],
]);

it('always stops on a red flag', function (string $symptom): void {
    expect(gateFor([], ['sbp' => 120, 'dbp' => 70], [$symptom])->verdict->value)->toBe('stop_and_call');
})->with([
    // Of everybody.
    'chest_pain', 'faintness', 'new_breathlessness', 'new_weakness', 'sudden_headache', 'calf_swelling',
    'fall_with_injury', 'loss_of_bladder_or_bowel_control', 'vision_change', 'trouble_speaking',
    'confusion_or_drooping_face', 'breathless_at_rest', 'red_flag_pain',
    // Of some.
    'knock_to_the_head', 'dysreflexia_signs', 'device_shock', 'new_bone_pain', 'breastbone_click', 'saddle_numbness',
    'rest_pain_in_leg', 'vaginal_bleeding', 'fluid_leaking', 'regular_contractions', 'breathless_before_effort',
    'abdominal_pain', 'baby_moves_less', 'weakness_of_balance',
]);

it('knows whom each red flag is for', function (string $symptom, string $says): void {
    expect(gateFor([], ['sbp' => 120, 'dbp' => 70], [$symptom])->actions()[0])->toContain($says);
})->with([
    ['chest_pain', 'emergency number'], ['trouble_speaking', 'emergency number'],
    ['new_bone_pain', 'treating team today'], ['breastbone_click', 'treating team today'],
]);

it('asks of a client their own red flags first, and those of others not at all', function (
    array $conditions, array $first, array $never,
): void {
    $asked = array_map(static fn (Sign $s): string => $s->value, Made::envelope($conditions)->signsToAsk());
    expect(array_slice($asked, 0, count($first)))->toEqualCanonicalizing($first)
        ->and($asked)->toContain('chest_pain', 'faintness', 'fall_with_injury')
        ->and(array_intersect($never, $asked))->toBe([]);
})->with([
    'nobody' => [[], ['calf_swelling'], ['dysreflexia_signs', 'vaginal_bleeding', 'knock_to_the_head', 'doming']],
    'a cord injury' => [[['code' => 'spinal_cord_injury_t6_or_above']], ['dysreflexia_signs'], ['vaginal_bleeding']],
    'an anticoagulant' => [[['code' => 'anticoagulant']], ['knock_to_the_head'], ['dysreflexia_signs']],
    'a metastasis' => [[['code' => 'bone_metastasis']], ['new_bone_pain'], ['device_shock']],
    'insulin' => [[['code' => 'diabetes_glucose_lowering']], ['calf_swelling'], ['leaking']],
]);

it('asks for doming, heaviness and leaking where a pelvic floor is watched, for a low where glucose is', function (
    array $client, array $asks,
): void {
    $client = Made::client($client);
    $day = Day::of(Made::TODAY);
    $asked = RuleBook::standard()->envelope(new Facts($client, $day))->signsToAsk();
    $own = ['doming', 'pelvic_heaviness', 'leaking', 'severe_low_24h'];
    expect(array_values(array_intersect($own, array_column($asked, 'value'))))->toBe($asks);
})->with([
    'nobody' => [[], []],
    'a prolapse' => [
        ['conditions' => [['code' => 'pelvic_organ_prolapse']]], ['doming', 'pelvic_heaviness', 'leaking'],
    ],
    'a prostate operation' => [
        ['conditions' => [['code' => 'prostate_surgery']]], ['doming', 'pelvic_heaviness', 'leaking'],
    ],
    'insulin' => [['conditions' => [['code' => 'diabetes_glucose_lowering']]], ['severe_low_24h']],
    'a pregnancy' => [['pregnancy' => ['due_date' => '2027-02-10']], ['doming', 'pelvic_heaviness', 'leaking']],
    'a birth' => [
        ['postpartum' => ['birth_date' => '2026-10-20', 'birth' => 'vaginal']],
        ['doming', 'pelvic_heaviness', 'leaking'],
    ],
]);

it('is never a go where nothing was asked of a client who has red flags of their own', function (
    array $client, string $verdict,
): void {
    $gate = new Gate(
        Made::client($client), Day::of(Made::TODAY),
        RuleBook::standard()->envelope(new Facts(Made::client($client), Day::of(Made::TODAY))),
    );
    expect($gate->check(new Readings, null)->verdict->value)->toBe($verdict);
})->with([
    'nothing added' => [[], 'go'],
    'a red flag added' => [['conditions' => [['code' => 'low_back_pain']]], 'lighter'],
    'a watch that does not bind' => [['conditions' => [['code' => 'hypertension_controlled']]], 'lighter'],
    'pressure in a cord injury' => [['conditions' => [['code' => 'spinal_cord_injury_t6_or_above']]], 'wait'],
    'glucose on insulin' => [['conditions' => [['code' => 'diabetes_glucose_lowering']]], 'wait'],
    'weight in heart failure' => [['conditions' => [['code' => 'heart_failure']]], 'wait'],
    'pressure in a pregnancy' => [EXPECTING, 'lighter'],
    'raised pressure in a pregnancy' => [
        [...EXPECTING, 'conditions' => [['code' => 'pregnancy_gestational_hypertension']]], 'wait',
    ],
]);

it('counts only the rate where an irregular pulse is usual', function (array $readings, string $verdict): void {
    $known = ['conditions' => [['code' => 'atrial_fibrillation']]];
    expect(gateFor($known, $readings)->verdict->value)->toBe($verdict);
})->with([
    'irregular' => [['irregular_pulse' => true], 'go'],
    'irregular at 100' => [['irregular_pulse' => true, 'heart_rate' => 100], 'go'],
    'at 110' => [['heart_rate' => 110], 'lighter'],
    'at 111' => [['heart_rate' => 111], 'not_today'],
]);

it('refuses implausible readings, and an upper pressure below the lower', function (array $readings): void {
    gateFor([], $readings);
})->with(
    [
        [['sbp' => 301]], [['sbp' => 39]], [['spo2' => 101]], [['heart_rate' => 10]], [['temp_c' => 20]],
        [['sbp' => 80, 'dbp' => 90]], [['glucose_mmol' => 90]],
    ],
)->throws(InvalidInput::class);

it(
    'converts glucose as the table says',
    fn () => expect(Readings::mmol(90))->toBe(5.0)->and(Readings::mmol(250))->toBe(13.9),
);

it(
    'says what was not entered',
    fn () => expect(
        gateFor([], ['sbp' => 120, 'dbp' => 70])->unknown,
    )->toContain('pain at rest', 'saturation')->not->toContain('blood pressure'),
);

it('says that nothing is there to hold a weight against', function (array $client, array $log, bool $unknown): void {
    $readings = ['sbp' => 120, 'dbp' => 70, 'weight_kg' => 70, 'weight_log' => $log];
    expect(in_array('the weight of the days before', gateFor([...FAILING, ...$client], $readings)->unknown, true))
        ->toBe($unknown);
})->with([
    'nothing weighed' => [[], [], true],
    'too long ago' => [[], [['on' => '2026-11-21', 'kg' => 70]], true],
    'yesterday' => [[], [['on' => '2026-11-24', 'kg' => 70]], false],
    'a usual on record' => [['usual' => ['weight_kg' => 70]], [], false],
]);

it('never improves when a reading gets worse', function (): void {
    $made = new Made(71);
    $on = Day::of(Made::TODAY);
    $rules = RuleBook::standard();
    $worse = [
        ['sbp', 100, 255, 1],
        ['dbp', 60, 155, 1],
        ['sbp', 95, 60, -1],
        ['heart_rate', 70, 215, 1],
        ['heart_rate', 56, 27, -1],
        ['spo2', 99, 52, -1],
        ['glucose_mmol', 8.0, 1.0, -0.2],
        ['glucose_mmol', 8.0, 30.0, 0.4],
        ['ketones_mmol', 0.0, 6.0, 0.1],
        ['temp_c', 36.5, 41.0, 0.1],
        ['fatigue', 0, 10, 1],
        ['weight_kg', 60, 90, 0.5],
    ];
    for ($i = 0; $i < 5000; $i++) {
        $form = [
            ...$made->randomForm(),
            ...(
                $made->chance(50)
                    ? [
                        'usual' => [
                            'sbp' => $made->int(80, 150), 'heart_rate' => $made->int(38, 90),
                            'pain' => $made->int(0, 6), 'weight_kg' => $made->int(60, 80),
                        ],
                    ]
                    : []
            ),
        ];
        $client = Profile::read(new Bag($form));
        $gate = new Gate($client, $on, $rules->envelope(new Facts($client, $on)));
        [$field, $from, $to, $step] = $made->one($worse);
        $others = $field === 'sbp' || $field === 'dbp' ? [] : ['sbp' => 120, 'dbp' => 50];
        $others += [
            'repeat' => $made->chance(50),
            ...($field === 'ketones_mmol' ? ['glucose_mmol' => $made->int(6, 25)] : []),
            ...($made->chance(50) && $field === 'glucose_mmol' ? ['ketones_mmol' => $made->int(0, 20) / 10] : []),
        ];
        $symptoms = $made->chance(30) ? [$made->one(Sign::cases())] : [];
        $before = -1;
        for ($value = $from, $n = 0; $n < 12; $n++, $value += ($to - $from) / 12) {
            $reading = round($value, 1);
            $rank = $gate->check(
                Readings::read(new Bag([...$others, $field => $reading])), $symptoms, 0,
            )->verdict->rank();
            if ($rank < $before) {
                $this->fail(
                    "client $i: $field $reading improved the verdict ".json_encode([$form, $others, $symptoms]),
                );
            }
            $before = $rank;
        }
        for ($pain = 0, $before = -1; $pain <= 10; $pain++) {
            $rank = $gate->check(Readings::read(new Bag($others)), $symptoms, $pain)->verdict->rank();
            if ($rank < $before) {
                $this->fail("client $i: pain $pain improved the verdict");
            }
            $before = $rank;
        }
    }
    expect($i)->toBe(5000);
});

it('stops while a red flag is open, whatever else is read, and says which', function (): void {
    $on = Day::of(Made::TODAY);
    $made = new Made(97);
    for ($i = 0; $i < 500; $i++) {
        $client = Profile::read(new Bag($made->randomForm()));
        $gate = new Gate($client, $on, RuleBook::standard()->envelope(new Facts($client, $on)));
        $readings = Readings::read(new Bag(['sbp' => $made->int(70, 220), 'dbp' => 50, 'repeat' => $made->chance(50)]));
        $open = $gate->check($readings, [], 0, ['faintness, 20 November 2026', 'calf swelling, 21 November 2026']);
        $closed = $gate->check($readings, [], 0);
        expect($open->verdict->value)->toBe('stop_and_call')
            ->and(
                implode(' ', array_map(static fn ($f): string => $f->says, $open->findings)),
            )->toContain('faintness, 20 November 2026')->toContain('calf swelling')
            // It adds, and hides nothing of what else was found.
            ->and(count($open->findings))->toBe(count($closed->findings) + 2);
    }
});

it('takes the worst that an emergency brings, and answers it', function (array $readings, string $verdict): void {
    expect(gateFor([], $readings)->verdict->value)->toBe($verdict);
})->with([
    'a pressure of 300' => [['sbp' => 300, 'dbp' => 180, 'repeat' => true], 'not_today'],
    'a pressure of 40' => [['sbp' => 40, 'dbp' => 20], 'not_today'],
    'a pulse of 250' => [['heart_rate' => 250], 'not_today'],
    'a pulse of 20' => [['heart_rate' => 20], 'not_today'],
    'a saturation of 30' => [['spo2' => 30, 'repeat' => true], 'not_today'],
    'glucose of 0.3' => [['glucose_mmol' => 0.3], 'not_today'],
    'glucose of 60 and unwell' => [['glucose_mmol' => 60, 'unwell' => true], 'stop_and_call'],
    'ketones of 20' => [['ketones_mmol' => 20], 'stop_and_call'],
    'a temperature of 44' => [['temp_c' => 44], 'not_today'],
]);

it('refuses a lower pressure that is not below the upper', function (int $lower, bool $taken): void {
    $read = static fn (): Readings => Readings::read(new Bag(['sbp' => 100, 'dbp' => $lower]));
    $taken
        ? expect($read()->pressure->diastolic)->toBe((float) $lower)
        : expect($read)->toThrow(InvalidInput::class, 'read it again');
})->with([[99, true], [100, false], [101, false]]);

it('says which it was, a bad night or fatigue', function (array $readings, string $says): void {
    expect(array_column(gateFor([], $readings)->findings, 'says'))->toContain($says);
})->with([
    [['fatigue' => 7], 'Fatigue 7 of 10.'], [['slept_badly' => true], 'Slept badly.'],
    [['slept_badly' => true, 'fatigue' => 8], 'Slept badly.'],
]);

it('says the pain at rest with its usual where there is one', function (array $client, int $pain, string $says): void {
    $finding = gateFor($client, [], [], $pain)->findings[0];
    expect($finding->says)->toBe($says);
})->with([
    'no usual' => [[], 5, 'Pain at rest 5 of 10.'],
    'a usual' => [['usual' => ['pain' => 2]], 5, 'Pain at rest 5 of 10, usual 2.'],
]);

it('answers each kind of sign in its own words', function (string $symptom, string $do): void {
    $findings = gateFor([], ['sbp' => 120, 'dbp' => 70], [$symptom])->findings;
    expect(implode(' ', array_column($findings, 'do')))->toContain($do);
})->with([
    'one that eases' => ['pelvic_heaviness', 'pelvic-health referral if it lasts'],
    'one that only makes others worse' => ['dizziness', 'Go lighter, and stop if it grows.'],
]);

it('takes a first look for a first look, and asks for what a limit wants watched', function (): void {
    expect((new Readings)->repeat)->toBeFalse()
        ->and(Readings::read(new Bag([]))->repeat)->toBeFalse()
        ->and(Seen::SkinIntact->watched())->toBe(Watched::Skin)
        ->and(Seen::LimbChange->watched())->toBe(Watched::LimbGirth)
        ->and(Seen::Unwell->watched())->toBeNull();
});

it('asks for the longest of the waits, and for none where nothing waits', function (
    array $findings, ?int $minutes,
): void {
    expect((new GateResult(GateVerdict::Wait, $findings, []))->againInMinutes())->toBe($minutes);
})->with([
    'nothing found' => [[], null],
    'nothing waits' => [fn () => [Finding::lighter('r', 'says', 'do')], null],
    'something has to be entered first' => [fn () => [Finding::wait('r', 'says', 'do', null)], null],
    'two waits' => [
        fn () => [
            Finding::wait('r', 'says', 'do', 5), Finding::wait('r', 'says', 'do', 15),
            Finding::wait('r', 'says', 'do', null), Finding::stop('r', 'says', 'do'),
        ], 15,
    ],
]);
