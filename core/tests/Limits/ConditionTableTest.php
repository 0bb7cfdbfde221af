<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Watch;

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
        ).($l->binds === null ? '' : ' in '.$l->binds->value)
            .($l->value instanceof Watch && $l->value->binding ? ', binding' : ''),
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
        'supervision_min someone_home in balance_2',
        'support_min fingertip in single_leg',
        'support_min one_hand in balance_2',
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
        'stop_signs chest_pain',
        'stop_signs new_breathlessness',
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
        'stop_signs chest_pain',
        'stop_signs new_breathlessness',
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
        'stop_signs chest_pain',
        'stop_signs new_breathlessness',
        'trunk: load_pct_max 40',
        'watches bp|before',
        'watches weight|before, binding',
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
        'stop_signs chest_pain',
        'stop_signs new_breathlessness',
        'trunk: load_pct_max 40',
        'watches bp|before',
        'watches weight|before, binding',
    ]],
    'heart_failure, first_block_done' => ['heart_failure', ['first_block_done'], [
        'breath no_holding',
        'clearance required',
        'effort_max 6',
        'hold_max_s 6',
        'reps_max 15',
        'reps_min 10',
        'rest_min_s 90',
        'stop_signs chest_pain',
        'stop_signs new_breathlessness',
        'watches bp|before',
        'watches weight|before, binding',
    ]],
    'device_pacemaker_icd' => ['device_pacemaker_icd', [], [
        'clearance required',
        'heart_rate_valid no',
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_positions arms_overhead',
        'stop_signs device_shock',
    ]],
    'device_pacemaker_icd, arm_cleared' => ['device_pacemaker_icd', ['arm_cleared'], [
        'clearance required',
        'heart_rate_valid no',
        'stop_signs device_shock',
    ]],
    'device_pacemaker_icd, heart_rate_valid' => ['device_pacemaker_icd', ['heart_rate_valid'], [
        'clearance required',
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_positions arms_overhead',
        'stop_signs device_shock',
    ]],
    'valve_or_aortic_disease' => ['valve_or_aortic_disease', [], [
        'breath no_holding',
        'clearance required',
        'effort_max 5',
        'hold_max_s 6',
        'load_pct_max 40',
    ]],
    'sternotomy' => ['sternotomy', [], [
        'arms: avoid_motions arm_away_from_trunk_loaded',
        'arms: avoid_motions chest_opening',
        'arms: avoid_motions one_sided_pull_loaded',
        'arms: avoid_motions shoulder_past_90',
        'arms: avoid_motions weight_on_hand',
        'arms: avoid_positions arms_overhead',
        'breath no_holding',
        'clearance required',
        'lift_max_g 4500',
        'stop_signs breastbone_click',
    ]],
    'sternotomy, lift_g:4500' => ['sternotomy', ['lift_g:4500'], [
        'arms: avoid_motions arm_away_from_trunk_loaded', 'arms: avoid_motions chest_opening',
        'arms: avoid_motions one_sided_pull_loaded', 'arms: avoid_motions shoulder_past_90',
        'arms: avoid_motions weight_on_hand',
        'arms: avoid_positions arms_overhead',
        'breath no_holding', 'clearance required',
        'lift_max_g 4500',
        'stop_signs breastbone_click',
    ]],
    'beta_blocker' => ['beta_blocker', [], ['heart_rate_valid no']],
    'anticoagulant' => ['anticoagulant', [], ['impact_max 1', 'stop_signs knock_to_the_head', 'watches skin|after']],
    'orthostatic_drop' => ['orthostatic_drop', [], [
        'supervision_min someone_home in balance_2',
        'support_min one_hand in balance_2',
        'watches bp|before',
    ]],
    'chronic_lung_disease' => ['chronic_lung_disease', [], [
        'effort_max 6',
        'rest_min_s 90',
        'watches spo2|before',
        'watches spo2|during',
    ]],
    'diabetes' => ['diabetes', [], []],
    'diabetes_glucose_lowering' => ['diabetes_glucose_lowering', [], [
        'watches glucose|after',
        'watches glucose|before, binding',
    ]],
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
        'avoid_positions bare_feet',
        'impact_max 1',
        'support_min fingertip in balance_2',
        'surface_max firm',
        'watches skin|after',
        'watches skin|before',
    ]],
    'peripheral_neuropathy, foot_ulcer' => ['peripheral_neuropathy', ['foot_ulcer'], [
        'avoid_positions bare_feet',
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'impact_max 1',
        'support_min fingertip in balance_2',
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
        'left arm: avoid_material padded_strap',
        'left arm: avoid_material tight_strap',
        'left arm: avoid_motions grip_sustained_heavy',
        'left arm: load_pct_max 40',
    ]],
    'stroke_hemiparesis' => ['stroke_hemiparesis', [], [
        'breath no_holding',
        'load_pct_max 50',
        'reps_max 15',
        'reps_min 10',
        'support_min one_hand in balance_2',
        'watches bp|before',
    ]],
    'stroke_hemiparesis, painful_shoulder' => ['stroke_hemiparesis', ['painful_shoulder'], [
        'breath no_holding',
        'left arm: avoid_motions carry_standing',
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_motions weight_on_hand',
        'left arm: avoid_positions arms_overhead',
        'load_pct_max 50',
        'reps_max 15',
        'reps_min 10',
        'support_min one_hand in balance_2',
        'watches bp|before',
    ]],
    'stroke_hemiparesis, subluxed_shoulder' => ['stroke_hemiparesis', ['subluxed_shoulder'], [
        'breath no_holding',
        'left arm: avoid_motions arm_away_from_trunk_loaded',
        'left arm: avoid_motions carry_standing',
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_motions weight_on_hand',
        'left arm: avoid_positions arms_overhead',
        'load_pct_max 50',
        'reps_max 15',
        'reps_min 10',
        'support_min one_hand in balance_2',
        'watches bp|before',
    ]],
    'stroke_hemiparesis, first_block_done' => ['stroke_hemiparesis', ['first_block_done'], [
        'breath no_holding',
        'load_pct_max 80',
        'reps_max 15',
        'reps_min 10',
        'support_min one_hand in balance_2',
        'watches bp|before',
    ]],
    'parkinsons' => ['parkinsons', [], [
        'support_min fingertip in balance_2',
        'vision eyes_open',
        'watches bp|before',
    ]],
    'multiple_sclerosis' => ['multiple_sclerosis', [], ['effort_max 6', 'rest_min_s 120']],
    'spinal_cord_injury_t6_or_above' => ['spinal_cord_injury_t6_or_above', [], [
        'avoid_parts sitting',
        'avoid_parts trunk',
        'heart_rate_valid no',
        'hold_max_s 10',
        'left leg: avoid_parts leg',
        'right leg: avoid_parts leg',
        'stop_signs dysreflexia_signs',
        'watches bp|before, binding',
        'watches dysreflexia|before',
        'watches dysreflexia|during',
        'watches skin|after',
        'watches skin|before',
    ]],
    'spinal_cord_injury_below_t6' => ['spinal_cord_injury_below_t6', [], [
        'avoid_parts sitting',
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'left leg: avoid_parts leg',
        'right leg: avoid_parts leg',
        'support_min seated in standing',
        'watches skin|after',
        'watches skin|before',
    ]],
    'spinal_cord_injury_below_t6, stands' => ['spinal_cord_injury_below_t6', ['stands'], [
        'avoid_parts sitting',
        'watches skin|after',
        'watches skin|before',
    ]],
    'wheelchair_user' => ['wheelchair_user', [], [
        'avoid_parts sitting',
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'left leg: avoid_parts leg',
        'right leg: avoid_parts leg',
        'support_min seated in standing',
        'watches skin|after',
        'watches skin|before',
    ]],
    'wheelchair_user, stands' => ['wheelchair_user', ['stands'], [
        'avoid_parts sitting',
        'watches skin|after',
        'watches skin|before',
    ]],
    'insensate_skin' => ['insensate_skin', [], [
        'avoid_material hard_edge',
        'avoid_material tight_strap',
        'watches skin|after',
        'watches skin|before',
    ]],
    'epilepsy' => ['epilepsy', [], ['supervision_min someone_home in balance_2', 'support_min one_hand in balance_2']],
    'dizziness' => [
        'dizziness', [], ['supervision_min someone_home in balance_2', 'support_min one_hand in balance_2'],
    ],
    'low_vision' => ['low_vision', [], ['supervision_min someone_home in balance_2', 'vision eyes_open']],
    'cognitive_impairment' => ['cognitive_impairment', [], [
        'supervision_min someone_home in balance_2',
        'vision eyes_open',
    ]],
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
        'spine_load_max moderate',
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
        'stop_signs saddle_numbness',
    ]],
    'low_back_pain, settled' => ['low_back_pain', ['settled'], ['stop_signs saddle_numbness']],
    'rotator_cuff_pain' => ['rotator_cuff_pain', [], ['left arm: avoid_motions shoulder_past_90']],
    'rotator_cuff_pain, pain_free' => ['rotator_cuff_pain', ['pain_free'], []],
    'limb_loss' => ['limb_loss', [], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'left leg: avoid_parts leg',
        'watches skin|after',
    ]],
    'limb_loss, arm' => ['limb_loss', ['arm'], [
        'left arm: avoid_motions grip_sustained_heavy',
        'left arm: avoid_motions weight_on_hand',
        'left arm: avoid_parts arm',
        'watches skin|after',
    ]],
    'limb_loss, leg' => ['limb_loss', ['leg'], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'left leg: avoid_parts leg',
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
        'avoid_motions ballistic',
        'avoid_motions carry_standing',
        'avoid_motions spine_extension_end_range',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'avoid_motions spine_side_bend_loaded',
        'clearance required',
        'impact_max 0',
        'impact_max 0',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
        'left arm: load_pct_max 0',
        'left leg: avoid_motions single_leg_load',
        'left leg: lift_max_g 0',
        'spine_load_max low',
        'stop_signs new_bone_pain',
        'trunk: lift_max_g 0',
    ]],
    'bone_metastasis, spine' => ['bone_metastasis', ['spine'], [
        'avoid_motions ballistic',
        'avoid_motions carry_standing',
        'avoid_motions spine_extension_end_range',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'avoid_motions spine_side_bend_loaded',
        'clearance required',
        'impact_max 0',
        'spine_load_max low',
        'stop_signs new_bone_pain',
        'trunk: lift_max_g 0',
    ]],
    'bone_metastasis, femur' => ['bone_metastasis', ['femur'], [
        'clearance required',
        'impact_max 0',
        'left leg: avoid_motions single_leg_load',
        'left leg: lift_max_g 0',
        'stop_signs new_bone_pain',
    ]],
    'bone_metastasis, pelvis' => ['bone_metastasis', ['pelvis'], [
        'clearance required',
        'impact_max 0',
        'legs: avoid_motions single_leg_load',
        'legs: lift_max_g 0',
        'stop_signs new_bone_pain',
    ]],
    'bone_metastasis, arm' => ['bone_metastasis', ['arm'], [
        'clearance required',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
        'left arm: load_pct_max 0',
        'stop_signs new_bone_pain',
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
    'hernia' => ['hernia', [], ['avoid_motions abdominal_doming_load', 'breath no_holding', 'lift_max_g 5000']],
    'hernia, lift_g:4500' => ['hernia', ['lift_g:4500'], [
        'avoid_motions abdominal_doming_load',
        'breath no_holding',
        'lift_max_g 4500',
    ]],
    'ostomy' => ['ostomy', [], ['avoid_motions abdominal_doming_load', 'breath no_holding', 'lift_max_g 5000']],
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
    'pregnancy_gestational_hypertension' => ['pregnancy_gestational_hypertension', [], [
        'clearance required',
        'watches bp|before, binding',
    ]],
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
        'avoid_motions ballistic',
        'avoid_motions carry_standing',
        'avoid_motions spine_extension_end_range',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'avoid_motions spine_side_bend_loaded',
        'clearance required',
        'impact_max 0',
        'impact_max 0',
        'left leg: avoid_motions single_leg_load',
        'left leg: lift_max_g 0',
        'spine_load_max low',
        'stop_signs new_bone_pain',
        'trunk: lift_max_g 0',
    ]],
    'a flare of the arms' => ['rheumatoid_arthritis', ['flare', 'arms'], ['effort_max 4', 'left arm: load_pct_max 0']],
    'a flare of the legs' => ['rheumatoid_arthritis', ['flare', 'legs'], ['effort_max 4', 'left leg: load_pct_max 0']],
    'unstable_heart' => ['unstable_heart', [], ['clearance withheld']],
    'unstable_heart, unstable_angina' => ['unstable_heart', ['unstable_angina'], ['clearance withheld']],
    'unstable_heart, aortic_dissection' => ['unstable_heart', ['aortic_dissection'], ['clearance withheld']],
    'unstable_heart, endocarditis' => ['unstable_heart', ['endocarditis'], ['clearance withheld']],
    'unstable_heart, pulmonary_hypertension' => ['unstable_heart', ['pulmonary_hypertension'], ['clearance withheld']],
    'unstable_heart, uncontrolled_arrhythmia' => ['unstable_heart', ['uncontrolled_arrhythmia'], [
        'clearance withheld',
    ]],
    'unstable_heart, decompensated_failure' => ['unstable_heart', ['decompensated_failure'], ['clearance withheld']],
    'unstable_heart, myocarditis' => ['unstable_heart', ['myocarditis'], ['clearance withheld']],
    'unstable_heart, acute_clot' => ['unstable_heart', ['acute_clot'], ['clearance withheld']],
    'unstable_heart, symptomatic_valve' => ['unstable_heart', ['symptomatic_valve'], ['clearance withheld']],
    'atrial_fibrillation' => ['atrial_fibrillation', [], ['effort_max 6', 'heart_rate_valid no']],
    'peripheral_artery_disease' => ['peripheral_artery_disease', [], [
        'stop_signs rest_pain_in_leg',
        'watches skin|after',
        'watches skin|before',
    ]],
    'dialysis_fistula, load_cleared' => ['dialysis_fistula', ['load_cleared'], [
        'clearance advised',
        'left arm: avoid_material padded_strap',
        'left arm: avoid_material tight_strap',
        'left arm: avoid_motions grip_sustained_heavy',
    ]],
    'spinal_stenosis' => ['spinal_stenosis', [], [
        'avoid_motions spine_extension_end_range',
        'stop_signs saddle_numbness',
    ]],
    'limb_loss, hand' => ['limb_loss', ['hand'], [
        'left arm: avoid_motions grip_sustained_heavy',
        'left arm: avoid_motions weight_on_hand',
        'left arm: avoid_parts arm',
        'watches skin|after',
    ]],
    'limb_loss, below_elbow' => ['limb_loss', ['below_elbow'], [
        'left arm: avoid_motions grip_sustained_heavy',
        'left arm: avoid_motions weight_on_hand',
        'left arm: avoid_parts arm',
        'watches skin|after',
    ]],
    'limb_loss, above_elbow' => ['limb_loss', ['above_elbow'], [
        'left arm: avoid_motions grip_sustained_heavy',
        'left arm: avoid_motions weight_on_hand',
        'left arm: avoid_parts arm',
        'watches skin|after',
    ]],
    'limb_loss, below_knee' => ['limb_loss', ['below_knee'], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'left leg: avoid_parts leg',
        'watches skin|after',
    ]],
    'limb_loss, above_knee' => ['limb_loss', ['above_knee'], [
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'left leg: avoid_parts leg',
        'watches skin|after',
    ]],
    'shoulder_surgery' => ['shoulder_surgery', [], [
        'left arm: avoid_motions shoulder_past_90',
        'left arm: avoid_motions weight_on_hand',
        'left arm: avoid_positions arms_overhead',
        'left arm: lift_max_g 0',
    ]],
    'spinal_surgery' => ['spinal_surgery', [], [
        'avoid_motions spine_extension_end_range',
        'avoid_motions spine_flexion_end_range',
        'avoid_motions spine_flexion_loaded',
        'avoid_motions spine_rotation_end_range',
        'avoid_motions spine_rotation_loaded',
        'avoid_motions spine_side_bend_loaded',
        'lift_max_g 4500',
        'spine_load_max low',
        'stop_signs saddle_numbness',
    ]],
    'abdominal_surgery' => ['abdominal_surgery', [], [
        'avoid_motions abdominal_doming_load',
        'breath no_holding',
        'lift_max_g 4500',
    ]],
    'breast_surgery' => ['breast_surgery', [], [
        'breath no_holding',
        'left arm: avoid_motions chest_opening',
        'left arm: avoid_motions shoulder_past_90',
        'lift_max_g 4500',
    ]],
    'prostate_surgery' => ['prostate_surgery', [], [
        'breath no_holding',
        'lift_max_g 4500',
        'watches pelvic_floor|after',
    ]],
    'fracture_healing' => ['fracture_healing', [], [
        'avoid_motions carry_standing',
        'avoid_positions kneeling',
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'impact_max 0',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
        'left leg: avoid_motions deep_knee_flexion_loaded',
        'left leg: avoid_motions single_leg_load',
        'left leg: lift_max_g 0',
        'spine_load_max low',
        'trunk: lift_max_g 0',
    ]],
    'fracture_healing, arm' => ['fracture_healing', ['arm'], [
        'impact_max 0',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
    ]],
    'fracture_healing, leg' => ['fracture_healing', ['leg'], [
        'avoid_positions kneeling',
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'impact_max 0',
        'left leg: avoid_motions deep_knee_flexion_loaded',
        'left leg: avoid_motions single_leg_load',
        'left leg: lift_max_g 0',
    ]],
    'fracture_healing, spine' => ['fracture_healing', ['spine'], [
        'avoid_motions carry_standing',
        'impact_max 0',
        'spine_load_max low',
        'trunk: lift_max_g 0',
    ]],
    'fracture_healing, pelvis' => ['fracture_healing', ['pelvis'], [
        'avoid_positions kneeling',
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'impact_max 0',
        'legs: avoid_motions deep_knee_flexion_loaded',
        'legs: avoid_motions single_leg_load',
        'legs: lift_max_g 0',
    ]],
    'fracture_healing, weight_none' => ['fracture_healing', ['weight_none'], [
        'avoid_motions carry_standing',
        'avoid_positions kneeling',
        'avoid_positions long_static_standing',
        'avoid_positions standing',
        'impact_max 0',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
        'left leg: avoid_motions deep_knee_flexion_loaded',
        'left leg: avoid_motions single_leg_load',
        'left leg: lift_max_g 0',
        'spine_load_max low',
        'trunk: lift_max_g 0',
    ]],
    'fracture_healing, weight_touch' => ['fracture_healing', ['weight_touch'], [
        'avoid_motions carry_standing',
        'impact_max 0',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
        'left leg: avoid_motions deep_knee_flexion_loaded',
        'left leg: avoid_motions single_leg_load',
        'left leg: lift_max_g 0',
        'spine_load_max low',
        'support_min two_hands in standing',
        'trunk: lift_max_g 0',
    ]],
    'fracture_healing, weight_partial' => ['fracture_healing', ['weight_partial'], [
        'avoid_motions carry_standing',
        'impact_max 0',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
        'left leg: avoid_motions deep_knee_flexion_loaded',
        'left leg: avoid_motions single_leg_load',
        'left leg: lift_max_g 0',
        'spine_load_max low',
        'support_min two_hands in standing',
        'trunk: lift_max_g 0',
    ]],
    'fracture_healing, weight_tolerated' => ['fracture_healing', ['weight_tolerated'], [
        'avoid_motions carry_standing',
        'impact_max 0',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
        'spine_load_max low',
        'support_min one_hand in standing',
        'trunk: lift_max_g 0',
    ]],
    'bone_metastasis, rib' => ['bone_metastasis', ['rib'], [
        'clearance required',
        'left arm: avoid_motions weight_on_hand',
        'left arm: lift_max_g 0',
        'left arm: load_pct_max 0',
        'stop_signs new_bone_pain',
    ]],
    'other_condition' => ['other_condition', [], []],
    'post_exertional_fatigue' => ['post_exertional_fatigue', [], ['effort_max 3']],
    'pregnancy_malnutrition' => ['pregnancy_malnutrition', [], ['clearance required']],
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
        'rheumatoid_arthritis', 'rotator_cuff_pain', 'stroke_hemiparesis', 'shoulder_surgery', 'breast_surgery',
        'fracture_healing',
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
