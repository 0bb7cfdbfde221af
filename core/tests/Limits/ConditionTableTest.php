<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/*
 * The whole table of conditions, a row for each with each of its details: everything it sets, and nothing else. Sided
 * ones are on the left, those of pregnancy in week 28. Read it beside the sources in the docstrings; a figure changes
 * here on purpose or not at all.
 */

/** @return list<string> what a condition itself asks for, in words, sorted; notes are for reading only */
function asksFor(string $code, array $details): array
{
    $on = Day::of(Made::TODAY);
    $sided = array_column(
        array_map(
            static fn ($a): array => ['code' => $a->code, 'sided' => $a->sided], RuleBook::standard()->conditions(),
        ),
        'sided',
        'code',
    )[$code];
    $client = Made::client([
        'conditions' => [['code' => $code, 'detail' => $details, ...($sided ? ['side' => 'left'] : [])]],
        ...(str_starts_with($code, 'pregnancy_') ? ['pregnancy' => ['due_date' => (string) $on->plus(80)]] : []),
    ]);
    $own = array_filter(
        RuleBook::standard()->envelope(new Facts($client, $on))->all(),
        static fn (Limit $l): bool => $l->rule === $code && $l->field !== Field::Notes,
    );
    $words = array_map(
        static fn (Limit $l): string => (
            $l->scope->isEverything()
                ? ''
                : $l->scope->label().': '
        ).$l->field->value.' '.(
            is_bool($l->value)
                ? ($l->value ? 'yes' : 'no')
                : $l->plain()
        ),
        $own,
    );
    sort($words);

    return array_values($words);
}

it('asks for all of its row of the table and for nothing else', function (
    string $code, array $details, array $row,
): void {
    expect(asksFor($code, $details))->toBe($row);
})->with([
    'older_adult_new' => ['older_adult_new', [], ['effort_max 6', 'load_pct_max 60']],
    'older_adult_new, first_block_done' => [
        'older_adult_new', ['first_block_done'], ['effort_max 8', 'load_pct_max 80'],
    ],
    'falls_risk_high' => ['falls_risk_high', [], [
        'avoid_motions single_leg_load_unsupported',
        'support_min one_hand',
        'surface_max firm',
        'vision eyes_open',
    ]],
    'hypertension_controlled' => ['hypertension_controlled', [], [
        'breath no_holding',
        'effort_max 7',
        'hold_max_s 10',
        'reps_min 8',
        'rest_min_s 60',
        'watches bp|before',
    ]],
    'coronary_disease' => ['coronary_disease', [], [
        'arms: load_pct_max 40',
        'breath no_holding',
        'clearance required',
        'effort_max 6',
        'hold_max_s 6',
        'legs: load_pct_max 60',
        'reps_max 15',
        'reps_min 10',
        'stop_signs chest pain or pressure',
        'stop_signs unusual breathlessness',
        'trunk: load_pct_max 40',
        'watches bp|before',
    ]],
    'coronary_disease, first_block_done' => ['coronary_disease', ['first_block_done'], [
        'breath no_holding',
        'clearance required',
        'effort_max 6',
        'hold_max_s 6',
        'reps_max 15',
        'reps_min 10',
        'stop_signs chest pain or pressure',
        'stop_signs unusual breathlessness',
        'watches bp|before',
    ]],
    'heart_failure' => ['heart_failure', [], [
        'arms: load_pct_max 40',
        'breath no_holding',
        'clearance required',
        'effort_max 5',
        'hold_max_s 6',
        'legs: load_pct_max 60',
        'reps_max 15',
        'reps_min 10',
        'rest_min_s 90',
        'stop_signs chest pain or pressure',
        'stop_signs unusual breathlessness',
        'trunk: load_pct_max 40',
        'watches bp|before',
        'watches weight|before',
    ]],
    'heart_failure, breathless_lying' => ['heart_failure', ['breathless_lying'], [
        'arms: load_pct_max 40',
        'avoid_positions supine_flat',
        'breath no_holding',
        'clearance required',
        'effort_max 5',
        'hold_max_s 6',
        'legs: load_pct_max 60',
        'reps_max 15',
        'reps_min 10',
        'rest_min_s 90',
        'stop_signs chest pain or pressure',
        'stop_signs unusual breathlessness',
        'trunk: load_pct_max 40',
        'watches bp|before',
        'watches weight|before',
    ]],
    'heart_failure, first_block_done' => ['heart_failure', ['first_block_done'], [
        'breath no_holding',
        'clearance required',
        'effort_max 6',
        'hold_max_s 6',
        'reps_max 15',
        'reps_min 10',
        'rest_min_s 90',
        'stop_signs chest pain or pressure',
        'stop_signs unusual breathlessness',
        'watches bp|before',
        'watches weight|before',
    ]],
    'device_pacemaker_icd' => ['device_pacemaker_icd', [], [
        'clearance required',
        'heart_rate_valid no',
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_positions arms_overhead',
        'stop_signs a shock from the device',
    ]],
    'device_pacemaker_icd, arm_cleared' => ['device_pacemaker_icd', ['arm_cleared'], [
        'clearance required',
        'heart_rate_valid no',
        'stop_signs a shock from the device',
    ]],
    'device_pacemaker_icd, heart_rate_valid' => ['device_pacemaker_icd', ['heart_rate_valid'], [
        'clearance required',
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_positions arms_overhead',
        'stop_signs a shock from the device',
    ]],
    'valve_or_aortic_disease' => ['valve_or_aortic_disease', [], [
        'breath no_holding',
        'clearance required',
        'effort_max 5',
        'hold_max_s 6',
        'load_pct_max 40',
    ]],
    'sternotomy' => ['sternotomy', [], [
        'arms: avoid_motions shoulder_past_90',
        'arms: avoid_positions arms_overhead',
        'clearance required',
        'lift_max_g 4500',
        'stop_signs clicking of the breastbone or a change of the wound',
    ]],
    'sternotomy, lift_g:4500' => ['sternotomy', ['lift_g:4500'], [
        'arms: avoid_motions shoulder_past_90',
        'arms: avoid_positions arms_overhead',
        'clearance required',
        'lift_max_g 4500',
        'stop_signs clicking of the breastbone or a change of the wound',
    ]],
    'beta_blocker' => ['beta_blocker', [], ['heart_rate_valid no']],
    'anticoagulant' => ['anticoagulant', [], ['impact_max 1', 'watches skin|after']],
    'orthostatic_drop' => ['orthostatic_drop', [], ['support_min one_hand']],
    'chronic_lung_disease' => ['chronic_lung_disease', [], [
        'effort_max 6',
        'rest_min_s 90',
        'watches spo2|before',
        'watches spo2|during',
    ]],
    'diabetes' => ['diabetes', [], []],
    'diabetes_glucose_lowering' => [
        'diabetes_glucose_lowering', [], ['watches glucose|after', 'watches glucose|before'],
    ],
    'retinopathy_severe' => ['retinopathy_severe', [], [
        'avoid_positions inverted',
        'breath no_holding',
        'effort_max 5',
        'hold_max_s 6',
        'impact_max 0',
    ]],
    'retinopathy_severe, vitreous_haemorrhage' => ['retinopathy_severe', ['vitreous_haemorrhage'], [
        'avoid_positions inverted',
        'breath no_holding',
        'clearance required',
        'effort_max 5',
        'hold_max_s 6',
        'impact_max 0',
    ]],
    'peripheral_neuropathy' => ['peripheral_neuropathy', [], [
        'impact_max 1',
        'support_min fingertip',
        'surface_max firm',
        'watches skin|after',
        'watches skin|before',
    ]],
    'peripheral_neuropathy, foot_ulcer' => ['peripheral_neuropathy', ['foot_ulcer'], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'impact_max 1',
        'support_min fingertip',
        'surface_max firm',
        'watches skin|after',
        'watches skin|before',
    ]],
    'autonomic_neuropathy' => ['autonomic_neuropathy', [], [
        'clearance required',
        'heart_rate_valid no',
        'watches bp|before',
    ]],
    'chronic_kidney_disease' => ['chronic_kidney_disease', [], ['watches bp|before']],
    'dialysis_fistula' => ['dialysis_fistula', [], [
        'clearance advised',
        'left arm: avoid_material tight_strap_on_insensate_skin',
        'left arm: avoid_motions grip_sustained_heavy',
    ]],
    'stroke_hemiparesis' => ['stroke_hemiparesis', [], [
        'breath no_holding',
        'load_pct_max 50',
        'reps_max 15',
        'reps_min 10',
        'support_min one_hand',
        'watches bp|before',
    ]],
    'stroke_hemiparesis, painful_shoulder' => ['stroke_hemiparesis', ['painful_shoulder'], [
        'breath no_holding',
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_positions arms_overhead',
        'load_pct_max 50',
        'reps_max 15',
        'reps_min 10',
        'support_min one_hand',
        'watches bp|before',
    ]],
    'stroke_hemiparesis, subluxed_shoulder' => ['stroke_hemiparesis', ['subluxed_shoulder'], [
        'breath no_holding',
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_positions arms_overhead',
        'load_pct_max 50',
        'reps_max 15',
        'reps_min 10',
        'support_min one_hand',
        'watches bp|before',
    ]],
    'stroke_hemiparesis, first_block_done' => ['stroke_hemiparesis', ['first_block_done'], [
        'breath no_holding',
        'support_min one_hand',
        'watches bp|before',
    ]],
    'parkinsons' => ['parkinsons', [], [
        'support_min fingertip',
        'vision eyes_open',
        'watches bp|before',
    ]],
    'multiple_sclerosis' => ['multiple_sclerosis', [], ['effort_max 6', 'rest_min_s 120']],
    'spinal_cord_injury_t6_or_above' => ['spinal_cord_injury_t6_or_above', [], [
        'heart_rate_valid no',
        'hold_max_s 10',
        'stop_signs dysreflexia signs',
        'watches dysreflexia|during',
    ]],
    'spinal_cord_injury_below_t6' => ['spinal_cord_injury_below_t6', [], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'support_min seated',
        'watches skin|after',
    ]],
    'spinal_cord_injury_below_t6, stands' => ['spinal_cord_injury_below_t6', ['stands'], ['watches skin|after']],
    'wheelchair_user' => ['wheelchair_user', [], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'support_min seated',
        'watches skin|after',
    ]],
    'wheelchair_user, stands' => ['wheelchair_user', ['stands'], ['watches skin|after']],
    'insensate_skin' => ['insensate_skin', [], [
        'avoid_material hard_edge_on_insensate_skin',
        'avoid_material tight_strap_on_insensate_skin',
        'watches skin|after',
        'watches skin|before',
    ]],
    'epilepsy' => ['epilepsy', [], ['support_min one_hand']],
    'dizziness' => ['dizziness', [], ['support_min one_hand']],
    'low_vision' => ['low_vision', [], ['vision eyes_open']],
    'cognitive_impairment' => ['cognitive_impairment', [], ['vision eyes_open']],
    'glaucoma' => ['glaucoma', [], ['avoid_positions inverted', 'breath no_holding']],
    'osteoporosis' => ['osteoporosis', [], [
        'avoid_motions ballistic',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'impact_max 1',
    ]],
    'osteoporosis, vertebral_fracture' => ['osteoporosis', ['vertebral_fracture'], [
        'avoid_motions ballistic',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'avoid_positions arms_overhead',
        'impact_max 0',
        'load_pct_max 60',
    ]],
    'osteoporosis, overhead_cleared' => ['osteoporosis', ['overhead_cleared'], [
        'avoid_motions ballistic',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'impact_max 1',
    ]],
    'osteopenia' => ['osteopenia', [], ['avoid_motions spine_flexion_end_range', 'impact_max 2']],
    'osteoarthritis_hip' => [
        'osteoarthritis_hip', [], ['impact_max 1', 'left leg: avoid_motions deep_knee_flexion_loaded'],
    ],
    'osteoarthritis_hip, pain_free' => ['osteoarthritis_hip', ['pain_free'], ['impact_max 1']],
    'osteoarthritis_knee' => [
        'osteoarthritis_knee', [], ['impact_max 1', 'left leg: avoid_motions deep_knee_flexion_loaded'],
    ],
    'osteoarthritis_knee, pain_free' => ['osteoarthritis_knee', ['pain_free'], ['impact_max 1']],
    'rheumatoid_arthritis' => ['rheumatoid_arthritis', [], []],
    'rheumatoid_arthritis, flare' => ['rheumatoid_arthritis', ['flare'], ['effort_max 4', 'left side: load_pct_max 0']],
    'rheumatoid_arthritis, arms' => ['rheumatoid_arthritis', ['arms'], []],
    'rheumatoid_arthritis, legs' => ['rheumatoid_arthritis', ['legs'], []],
    'rheumatoid_arthritis, weak_wrist' => [
        'rheumatoid_arthritis',
        ['weak_wrist'],
        ['left arm: avoid_motions grip_sustained_heavy', 'left arm: avoid_motions wrist_extension_loaded'],
    ],
    'low_back_pain' => ['low_back_pain', [], [
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'stop_signs saddle numbness or a change of bladder or bowel',
    ]],
    'low_back_pain, settled' => [
        'low_back_pain', ['settled'], ['stop_signs saddle numbness or a change of bladder or bowel'],
    ],
    'rotator_cuff_pain' => ['rotator_cuff_pain', [], ['left arm: avoid_motions shoulder_past_90']],
    'rotator_cuff_pain, pain_free' => ['rotator_cuff_pain', ['pain_free'], []],
    'limb_loss' => ['limb_loss', [], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'watches skin|after',
    ]],
    'limb_loss, arm' => ['limb_loss', ['arm'], ['left arm: avoid_motions grip_sustained_heavy', 'watches skin|after']],
    'limb_loss, leg' => ['limb_loss', ['leg'], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'watches skin|after',
    ]],
    'limb_loss, prosthesis' => ['limb_loss', ['prosthesis'], ['watches skin|after']],
    'hand_function_none' => ['hand_function_none', [], ['left arm: avoid_motions grip_sustained_heavy']],
    'hand_function_weak' => ['hand_function_weak', [], ['left arm: avoid_motions grip_sustained_heavy']],
    'hip_replacement_posterior' => ['hip_replacement_posterior', [], [
        'left leg: avoid_motions hip_adduction_past_midline',
        'left leg: avoid_motions hip_flexion_past_90',
        'left leg: avoid_motions hip_internal_rotation',
    ]],
    'hip_replacement_anterior' => [
        'hip_replacement_anterior',
        [],
        ['avoid_positions prone', 'left leg: avoid_motions hip_extension_external_rotation'],
    ],
    'knee_replacement' => ['knee_replacement', [], ['avoid_positions kneeling', 'impact_max 0']],
    'knee_replacement, kneeling_comfortable' => ['knee_replacement', ['kneeling_comfortable'], ['impact_max 0']],
    'knee_replacement, impact_cleared' => ['knee_replacement', ['impact_cleared'], ['avoid_positions kneeling']],
    'cancer' => ['cancer', [], [
        'clearance advised',
        'effort_max 5',
        'load_pct_max 50',
    ]],
    'cancer, under_treatment' => ['cancer', ['under_treatment'], [
        'clearance advised',
        'effort_max 5',
        'load_pct_max 50',
    ]],
    'cancer, first_block_done' => ['cancer', ['first_block_done'], ['clearance advised']],
    'lymphedema' => ['lymphedema', [], [
        'left side: sessions_between_steps 4',
        'left side: step_pct_max 5',
        'watches limb_girth|after',
        'watches limb_girth|before',
    ]],
    'lymphedema, arms' => ['lymphedema', ['arms'], [
        'left arm: sessions_between_steps 4',
        'left arm: step_pct_max 5',
        'watches limb_girth|after',
        'watches limb_girth|before',
    ]],
    'lymphedema, legs' => ['lymphedema', ['legs'], [
        'left leg: sessions_between_steps 4',
        'left leg: step_pct_max 5',
        'watches limb_girth|after',
        'watches limb_girth|before',
    ]],
    'bone_metastasis' => ['bone_metastasis', [], [
        'avoid_motions single_leg_load',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'clearance required',
        'impact_max 0',
        'left arm: load_pct_max 0',
        'stop_signs new bone pain',
    ]],
    'bone_metastasis, spine' => ['bone_metastasis', ['spine'], [
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'clearance required',
        'stop_signs new bone pain',
    ]],
    'bone_metastasis, femur' => ['bone_metastasis', ['femur'], [
        'avoid_motions single_leg_load',
        'clearance required',
        'impact_max 0',
        'stop_signs new bone pain',
    ]],
    'bone_metastasis, pelvis' => ['bone_metastasis', ['pelvis'], [
        'avoid_motions single_leg_load',
        'clearance required',
        'impact_max 0',
        'stop_signs new bone pain',
    ]],
    'bone_metastasis, arm' => ['bone_metastasis', ['arm'], [
        'clearance required',
        'left arm: load_pct_max 0',
        'stop_signs new bone pain',
    ]],
    'platelets_low' => ['platelets_low', [], [
        'clearance required',
        'effort_max 4',
        'impact_max 0',
        'load_pct_max 40',
    ]],
    'platelets_low, count:19' => ['platelets_low', ['count:19'], [
        'clearance withheld',
        'effort_max 4',
        'impact_max 0',
        'load_pct_max 40',
    ]],
    'hernia' => ['hernia', [], ['avoid_motions abdominal_doming_load', 'breath no_holding']],
    'hernia, lift_g:4500' => ['hernia', ['lift_g:4500'], [
        'avoid_motions abdominal_doming_load',
        'breath no_holding',
        'lift_max_g 4500',
    ]],
    'ostomy' => ['ostomy', [], ['avoid_motions abdominal_doming_load', 'breath no_holding']],
    'ostomy, lift_g:4500' => ['ostomy', ['lift_g:4500'], [
        'avoid_motions abdominal_doming_load',
        'breath no_holding',
        'lift_max_g 4500',
    ]],
    'pelvic_organ_prolapse' => ['pelvic_organ_prolapse', [], [
        'avoid_motions abdominal_doming_load',
        'breath no_holding',
        'effort_max 6',
        'impact_max 0',
        'watches pelvic_floor|after',
    ]],
    'pregnancy_doming' => ['pregnancy_doming', [], ['avoid_motions abdominal_doming_load']],
    'pregnancy_pelvic_girdle_pain' => [
        'pregnancy_pelvic_girdle_pain', [], ['avoid_motions single_leg_load', 'avoid_motions wide_stance_load'],
    ],
    'pregnancy_light_headed' => ['pregnancy_light_headed', [], ['avoid_positions supine_flat']],
    'pregnancy_pelvic_floor_symptoms' => [
        'pregnancy_pelvic_floor_symptoms', [], ['impact_max 0', 'watches pelvic_floor|after'],
    ],
    'pregnancy_placenta_praevia' => ['pregnancy_placenta_praevia', [], ['clearance withheld']],
    'pregnancy_twins' => ['pregnancy_twins', [], ['clearance required']],
    'pregnancy_ruptured_membranes' => ['pregnancy_ruptured_membranes', [], ['clearance withheld']],
    'pregnancy_preterm_labour' => ['pregnancy_preterm_labour', [], ['clearance withheld']],
    'pregnancy_unexplained_bleeding' => ['pregnancy_unexplained_bleeding', [], ['clearance withheld']],
    'pregnancy_pre_eclampsia' => ['pregnancy_pre_eclampsia', [], ['clearance withheld']],
    'pregnancy_cervical_insufficiency' => ['pregnancy_cervical_insufficiency', [], ['clearance withheld']],
    'pregnancy_growth_restriction' => ['pregnancy_growth_restriction', [], ['clearance withheld']],
    'pregnancy_high_order_multiples' => ['pregnancy_high_order_multiples', [], ['clearance withheld']],
    'pregnancy_uncontrolled_type_1_diabetes' => ['pregnancy_uncontrolled_type_1_diabetes', [], ['clearance withheld']],
    'pregnancy_uncontrolled_hypertension' => ['pregnancy_uncontrolled_hypertension', [], ['clearance withheld']],
    'pregnancy_uncontrolled_thyroid_disease' => ['pregnancy_uncontrolled_thyroid_disease', [], ['clearance withheld']],
    'pregnancy_serious_heart_or_lung_disease' => [
        'pregnancy_serious_heart_or_lung_disease', [], ['clearance withheld'],
    ],
    'pregnancy_recurrent_loss' => ['pregnancy_recurrent_loss', [], ['clearance required']],
    'pregnancy_earlier_preterm_birth' => ['pregnancy_earlier_preterm_birth', [], ['clearance required']],
    'pregnancy_gestational_hypertension' => ['pregnancy_gestational_hypertension', [], ['clearance required']],
    'pregnancy_symptomatic_anaemia' => ['pregnancy_symptomatic_anaemia', [], ['clearance required']],
    'pregnancy_eating_disorder' => ['pregnancy_eating_disorder', [], ['clearance required']],
    'pregnancy_mild_or_moderate_heart_or_lung_disease' => [
        'pregnancy_mild_or_moderate_heart_or_lung_disease', [], ['clearance required'],
    ],
    'latex_allergy' => ['latex_allergy', [], ['avoid_material latex']],
    // The edges of what is ordered or counted.
    'hernia, an order of one gram' => [
        'hernia', ['lift_g:1'], ['avoid_motions abdominal_doming_load', 'breath no_holding', 'lift_max_g 1'],
    ],
    'hernia, two orders' => [
        'hernia',
        ['lift_g:5000', 'lift_g:2500'],
        ['avoid_motions abdominal_doming_load', 'breath no_holding', 'lift_max_g 2500'],
    ],
    'platelets 20' => ['platelets_low', ['count:20'], ['effort_max 4', 'impact_max 0', 'load_pct_max 40']],
    'platelets 49' => ['platelets_low', ['count:49'], ['effort_max 4', 'impact_max 0', 'load_pct_max 40']],
    'platelets 50' => ['platelets_low', ['count:50'], []],
    // Where it is and what stands in for it.
    'an arm lost, with a prosthesis' => ['limb_loss', ['arm', 'prosthesis'], ['watches skin|after']],
    'a leg lost, with a prosthesis' => ['limb_loss', ['leg', 'prosthesis'], ['watches skin|after']],
    'bone metastasis of spine and femur' => ['bone_metastasis', ['spine', 'femur'], [
        'avoid_motions single_leg_load',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'clearance required',
        'impact_max 0',
        'stop_signs new bone pain',
    ]],
    'a flare of the arms' => ['rheumatoid_arthritis', ['flare', 'arms'], ['effort_max 4', 'left arm: load_pct_max 0']],
    'a flare of the legs' => ['rheumatoid_arthritis', ['flare', 'legs'], ['effort_max 4', 'left leg: load_pct_max 0']],
]);

it('has a row for every condition and every detail that can be ticked', function (): void {
    $rows = preg_replace(['/\s+/', '/\[ /'], [' ', '['], (string) file_get_contents(__FILE__));
    foreach (RuleBook::standard()->conditions() as $about) {
        expect($rows)->toContain("'{$about->code}' => ['{$about->code}', []");
        foreach (array_keys($about->details) as $detail) {
            expect($rows)->toContain("'{$about->code}, $detail' =>");
        }
    }
});

it('asks for the side of what has one', function (): void {
    $sided = array_filter(RuleBook::standard()->conditions(), static fn ($a): bool => $a->sided);
    expect(array_values(array_map(static fn ($a): string => $a->code, $sided)))->toEqualCanonicalizing([
        'bone_metastasis', 'device_pacemaker_icd', 'dialysis_fistula', 'hand_function_none', 'hand_function_weak',
        'hip_replacement_anterior', 'hip_replacement_posterior', 'insensate_skin',
        'knee_replacement', 'limb_loss', 'lymphedema', 'osteoarthritis_hip', 'osteoarthritis_knee',
        'rheumatoid_arthritis', 'rotator_cuff_pain', 'stroke_hemiparesis',
    ]);
});

it('says so when a detail is not known, and uses what is', function (
    string $code, array $details, ?string $says,
): void {
    $notes = implode(' ', Made::envelope([['code' => $code, 'detail' => $details]])->words(Field::Notes));
    $says === null
        ? expect($notes)->not->toContain('is not known and changes nothing')
        : expect($notes)->toContain($says);
})->with([
    'misspelt' => [
        'osteoporosis',
        ['vertebral_fractures'],
        'the detail "vertebral_fractures" is not known and changes nothing; known are vertebral_fracture, '
            .'overhead_cleared.',
    ],
    'known' => ['osteoporosis', ['vertebral_fracture'], null],
    'a number' => ['hernia', ['lift_g:2500'], null],
    'no number' => ['hernia', ['lift_g:light'], 'known are lift_g:number.'],
    'of a condition that has none' => [
        'glaucoma', ['left_eye'], 'the detail "left_eye" is not known and changes nothing.',
    ],
    'the end of an order' => ['hip_replacement_anterior', ['end_confirmed'], null],
    'a site of skin' => ['insensate_skin', ['sole of the left foot'], null],
]);
