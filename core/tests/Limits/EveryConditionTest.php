<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

/** Reads "field", "field@region" or "field@region:side" of an envelope as the command line would show it. */
function readField(Envelope $envelope, string $key): mixed
{
    [$name, $where] = explode('@', $key) + ['', ''];
    [$region, $side] = explode(':', $where) + ['', ''];
    $scope = $where === ''
        ? new Scope
        : new Scope(Region::from($region), $side === '' ? Side::Both : Side::from($side));
    $field = Field::from($name);

    return match (true) {
        $field->isList() => $envelope->words($field, $scope),
        $field->freest() !== null => $envelope->word($field, $scope),
        $field === Field::HeartRateValid => $envelope->flag($field, $scope),
        default => $envelope->number($field, $scope),
    };
}

it('sets what its row of the table says', function (string $code, array $details, array $expected): void {
    $envelope = Made::envelope(
        [['code' => $code, 'side' => 'left', ...($details === [] ? [] : ['detail' => $details])]],
    );
    foreach ($expected as $key => $value) {
        $found = readField($envelope, $key);
        if (is_array($value)) {
            expect(array_diff($value, $found))->toBe([], "$code $key has ".implode(', ', $found));
        } else {
            expect($found)->toBe($value, "$code $key");
        }
    }
})->with([
    'osteopenia' => ['osteopenia', [], ['impact_max' => 2, 'avoid_motions' => ['spine_flexion_end_range']]],
    'coronary disease, first block' => [
        'coronary_disease',
        [],
        [
            'clearance' => 'required', 'breath' => 'no_holding', 'load_pct_max@upper' => 40, 'load_pct_max@lower' => 60,
            'load_pct_max' => 100, 'reps_min' => 10, 'reps_max' => 15, 'effort_max' => 6, 'hold_max_s' => 6,
            'watches' => ['bp|before'],
        ],
    ],
    'coronary disease, first block done' => [
        'coronary_disease',
        ['first_block_done'],
        ['load_pct_max@upper' => 100, 'effort_max' => 6, 'clearance' => 'required'],
    ],
    'heart failure' => [
        'heart_failure',
        [],
        [
            'clearance' => 'required', 'effort_max' => 5, 'rest_min_s' => 90, 'load_pct_max@upper' => 40,
            'watches' => ['weight|before'],
        ],
    ],
    'heart failure, breathless lying' => [
        'heart_failure', ['breathless_lying'], ['avoid_positions' => ['supine_flat']],
    ],
    'heart failure, first block done' => [
        'heart_failure', ['first_block_done'], ['effort_max' => 6, 'rest_min_s' => 90],
    ],
    'pacemaker' => [
        'device_pacemaker_icd',
        [],
        [
            'clearance' => 'required', 'heart_rate_valid' => false, 'avoid_motions@upper:left' => ['shoulder_past_90'],
            'stop_signs' => ['device_shock'],
        ],
    ],
    'pacemaker, opened by the team' => [
        'device_pacemaker_icd', ['arm_cleared', 'heart_rate_valid'],
        ['heart_rate_valid' => true, 'clearance' => 'required'],
    ],
    'valve or aortic disease' => [
        'valve_or_aortic_disease',
        [],
        [
            'clearance' => 'required', 'breath' => 'no_holding', 'effort_max' => 5, 'load_pct_max' => 40,
            'hold_max_s' => 6,
        ],
    ],
    'sternotomy, no order' => [
        'sternotomy',
        [],
        ['lift_max_g' => 4500, 'avoid_motions@upper' => ['shoulder_past_90'], 'clearance' => 'required'],
    ],
    'sternotomy, ordered' => ['sternotomy', ['lift_g:2500'], ['lift_max_g' => 2500]],
    'chronic lung disease' => [
        'chronic_lung_disease',
        [],
        ['effort_max' => 6, 'rest_min_s' => 90, 'watches' => ['spo2|before', 'spo2|during']],
    ],
    'glucose-lowering medicine' => [
        'diabetes_glucose_lowering', [], ['watches' => ['glucose|before', 'glucose|after']],
    ],
    'retinopathy' => [
        'retinopathy_severe',
        [],
        [
            'breath' => 'no_holding', 'avoid_positions' => ['inverted'], 'effort_max' => 5, 'impact_max' => 0,
            'hold_max_s' => 6, 'clearance' => 'none',
        ],
    ],
    'retinopathy, haemorrhage' => ['retinopathy_severe', ['vitreous_haemorrhage'], ['clearance' => 'required']],
    'peripheral neuropathy' => [
        'peripheral_neuropathy',
        [],
        [
            'surface_max' => 'firm', 'impact_max' => 1, 'support_min' => 'fingertip',
            'watches' => ['skin|before', 'skin|after'],
        ],
    ],
    'foot ulcer' => ['peripheral_neuropathy', ['foot_ulcer'], ['avoid_positions' => ['standing']]],
    'autonomic neuropathy' => ['autonomic_neuropathy', [], ['clearance' => 'required', 'heart_rate_valid' => false]],
    'beta blocker' => ['beta_blocker', [], ['heart_rate_valid' => false]],
    'anticoagulant' => ['anticoagulant', [], ['impact_max' => 1, 'watches' => ['skin|after']]],
    'Parkinson disease' => ['parkinsons', [], ['support_min' => 'fingertip', 'vision' => 'eyes_open']],
    'multiple sclerosis' => ['multiple_sclerosis', [], ['effort_max' => 6, 'rest_min_s' => 120]],
    'spinal cord injury, high' => [
        'spinal_cord_injury_t6_or_above',
        [],
        ['hold_max_s' => 10, 'heart_rate_valid' => false, 'watches' => ['dysreflexia|during']],
    ],
    'spinal cord injury, low' => [
        'spinal_cord_injury_below_t6', [], ['avoid_positions' => ['standing'], 'support_min' => 'seated'],
    ],
    'wheelchair user who stands' => [
        'wheelchair_user', ['stands'], ['support_min' => 'free', 'watches' => ['skin|after']],
    ],
    'insensate skin' => [
        'insensate_skin', [], ['avoid_material' => ['tight_strap', 'hard_edge']],
    ],
    'limb loss, leg' => ['limb_loss', ['leg'], ['avoid_positions' => ['standing']]],
    'limb loss, arm' => ['limb_loss', ['arm'], ['avoid_motions@upper:left' => ['grip_sustained_heavy']]],
    'no hand function' => ['hand_function_none', [], ['avoid_motions@upper:left' => ['grip_sustained_heavy']]],
    'hip osteoarthritis' => [
        'osteoarthritis_hip', [], ['impact_max' => 1, 'avoid_motions@lower:left' => ['deep_knee_flexion_loaded']],
    ],
    'rheumatoid flare in the arms' => [
        'rheumatoid_arthritis',
        ['flare', 'arms'],
        ['effort_max' => 4, 'load_pct_max@upper:left' => 0, 'load_pct_max@lower:left' => 100],
    ],
    'rheumatoid weak wrist' => [
        'rheumatoid_arthritis',
        ['weak_wrist'],
        ['avoid_motions@upper:left' => ['wrist_extension_loaded', 'grip_sustained_heavy'], 'effort_max' => 10],
    ],
    'low back pain' => ['low_back_pain', [], ['avoid_motions' => ['spine_flexion_end_range', 'spine_flexion_loaded']]],
    'hip replacement, posterior' => [
        'hip_replacement_posterior',
        [],
        ['avoid_motions@lower:left' => ['hip_flexion_past_90', 'hip_adduction_past_midline', 'hip_internal_rotation']],
    ],
    'hip replacement, anterior' => [
        'hip_replacement_anterior',
        [],
        ['avoid_motions@lower:left' => ['hip_extension_external_rotation'], 'avoid_positions' => ['prone']],
    ],
    'knee replacement' => ['knee_replacement', [], ['avoid_positions' => ['kneeling'], 'impact_max' => 0]],
    'knee replacement, opened' => ['knee_replacement', ['kneeling_comfortable', 'impact_cleared'], ['impact_max' => 3]],
    'rotator cuff' => ['rotator_cuff_pain', [], ['avoid_motions@upper:left' => ['shoulder_past_90']]],
    'cancer, first fortnight' => ['cancer', [], ['clearance' => 'advised', 'load_pct_max' => 50, 'effort_max' => 5]],
    'cancer, later' => ['cancer', ['first_block_done'], ['load_pct_max' => 100, 'effort_max' => 10]],
    'lymphedema of an arm' => [
        'lymphedema',
        ['arms'],
        [
            'step_pct_max@upper:left' => 5, 'sessions_between_steps@upper:left' => 4, 'step_pct_max@upper:right' => 10,
            'watches' => ['limb_girth|before'],
        ],
    ],
    'bone metastasis, spine' => [
        'bone_metastasis',
        ['spine'],
        [
            'clearance' => 'required',
            'impact_max' => 0,
            'avoid_motions' => ['spine_flexion_loaded', 'spine_rotation_loaded'],
        ],
    ],
    'bone metastasis, site unknown' => [
        'bone_metastasis',
        [],
        [
            'impact_max' => 0,
            'avoid_motions' => ['carry_standing', 'spine_flexion_loaded'],
            'avoid_motions@lower:left' => ['single_leg_load'],
            'load_pct_max@upper:left' => 0,
        ],
    ],
    'platelets 50' => ['platelets_low', ['count:50'], ['effort_max' => 10, 'clearance' => 'none']],
    'platelets 49' => [
        'platelets_low',
        ['count:49'],
        ['effort_max' => 4, 'load_pct_max' => 40, 'impact_max' => 0, 'clearance' => 'none'],
    ],
    'platelets 20' => ['platelets_low', ['count:20'], ['clearance' => 'none']],
    'platelets 19' => ['platelets_low', ['count:19'], ['clearance' => 'withheld']],
    'platelets unknown' => ['platelets_low', [], ['effort_max' => 4, 'clearance' => 'required']],
    'kidney disease' => ['chronic_kidney_disease', [], ['watches' => ['bp|before']]],
    'fistula' => [
        'dialysis_fistula',
        [],
        ['avoid_material@upper:left' => ['tight_strap'], 'clearance' => 'advised'],
    ],
    'hernia, ordered' => [
        'hernia',
        ['lift_g:5000'],
        ['breath' => 'no_holding', 'lift_max_g' => 5000, 'avoid_motions' => ['abdominal_doming_load']],
    ],
    'ostomy, no order' => ['ostomy', [], ['breath' => 'no_holding', 'lift_max_g' => 5000]],
    'prolapse' => [
        'pelvic_organ_prolapse',
        [],
        ['breath' => 'no_holding', 'impact_max' => 0, 'effort_max' => 6, 'watches' => ['pelvic_floor|after']],
    ],
    'glaucoma' => ['glaucoma', [], ['breath' => 'no_holding', 'avoid_positions' => ['inverted']]],
    'low vision' => ['low_vision', [], ['vision' => 'eyes_open']],
    'epilepsy' => ['epilepsy', [], ['support_min' => 'one_hand']],
    'pregnancy: doming' => ['pregnancy_doming', [], ['avoid_motions' => ['abdominal_doming_load']]],
    'pregnancy: girdle pain' => [
        'pregnancy_pelvic_girdle_pain', [], ['avoid_motions' => ['single_leg_load', 'wide_stance_load']],
    ],
    'pregnancy: light-headed' => ['pregnancy_light_headed', [], ['avoid_positions' => ['supine_flat']]],
    'pregnancy: pelvic floor' => ['pregnancy_pelvic_floor_symptoms', [], ['impact_max' => 0]],
    'pregnancy: pre-eclampsia' => ['pregnancy_pre_eclampsia', [], ['clearance' => 'withheld']],
    'pregnancy: eating disorder' => ['pregnancy_eating_disorder', [], ['clearance' => 'required']],
    'pregnancy: praevia, week unknown' => ['pregnancy_placenta_praevia', [], ['clearance' => 'withheld']],
]);

it('knows every code of the table', function (): void {
    $codes = array_map(static fn ($a): string => $a->code, RuleBook::standard()->conditions());
    $table = 'older_adult_new falls_risk_high osteoporosis osteopenia hypertension_controlled coronary_disease '
        .'heart_failure device_pacemaker_icd valve_or_aortic_disease sternotomy chronic_lung_disease diabetes '
        .'diabetes_glucose_lowering retinopathy_severe peripheral_neuropathy autonomic_neuropathy beta_blocker '
        .'anticoagulant stroke_hemiparesis parkinsons multiple_sclerosis spinal_cord_injury_t6_or_above '
        .'spinal_cord_injury_below_t6 wheelchair_user insensate_skin limb_loss hand_function_none hand_function_weak '
        .'osteoarthritis_hip osteoarthritis_knee rheumatoid_arthritis low_back_pain hip_replacement_posterior '
        .'hip_replacement_anterior knee_replacement rotator_cuff_pain cancer lymphedema bone_metastasis platelets_low '
        .'chronic_kidney_disease dialysis_fistula hernia ostomy pelvic_organ_prolapse glaucoma low_vision '
        .'cognitive_impairment epilepsy dizziness orthostatic_drop latex_allergy';
    expect(array_diff(explode(' ', $table), $codes))->toBe([]);
});

it('turns praevia and twins by their week', function (string $code, int $day, string $clearance): void {
    $today = Day::of(Made::TODAY);
    $client = Made::client(
        ['conditions' => [['code' => $code]], 'pregnancy' => ['due_date' => (string) $today->plus(280 - $day)]],
    );
    expect(RuleBook::standard()->envelope(new Facts($client, $today))->word(Field::Clearance))->toBe($clearance);
})->with(
    [
        ['pregnancy_placenta_praevia', 181, 'required'], ['pregnancy_placenta_praevia', 182, 'withheld'],
        ['pregnancy_twins', 195, 'advised'], ['pregnancy_twins', 196, 'required'],
    ],
);

function afterBirth(int $days, string $birth, array $symptoms = []): Envelope
{
    $today = Day::of(Made::TODAY);

    return RuleBook::standard()->envelope(
        new Facts(
            Made::client(
                [
                    'postpartum' => [
                        'birth_date' => (string) $today->plus(-$days), 'birth' => $birth, 'symptoms' => $symptoms,
                    ],
                ],
            ),
            $today,
        ),
    );
}

it('opens after a birth only when the weeks have passed and a screen was clear', function (
    int $days, string $birth, array $symptoms, string $key, mixed $value,
): void {
    expect(readField(afterBirth($days, $birth, $symptoms), $key))->toBe($value);
})->with([
    'the day itself' => [0, 'vaginal', [], 'clearance', 'required_for_load'],
    'the day itself: impact' => [0, 'caesarean', [], 'impact_max', 0],
    'vaginal day 41' => [41, 'vaginal', ['symptom_free_screen'], 'clearance', 'required_for_load'],
    'vaginal day 42, screened' => [42, 'vaginal', ['symptom_free_screen'], 'clearance', 'none'],
    'vaginal day 42, not screened' => [42, 'vaginal', [], 'clearance', 'required_for_load'],
    'caesarean day 55' => [55, 'caesarean', ['symptom_free_screen'], 'clearance', 'required_for_load'],
    'caesarean day 56' => [56, 'caesarean', ['symptom_free_screen'], 'clearance', 'none'],
    'before it is recorded: unloaded' => [41, 'vaginal', ['symptom_free_screen'], 'load_pct_max', 0],
    'before it is recorded: gentle' => [41, 'vaginal', ['symptom_free_screen'], 'effort_max', 3],
    'after the weeks: loaded' => [42, 'vaginal', ['symptom_free_screen'], 'load_pct_max', 100],
    'caesarean day 55: no breath holding' => [55, 'caesarean', [], 'breath', 'no_holding'],
    'lift day 41' => [41, 'caesarean', ['symptom_free_screen'], 'lift_max_g', 6000],
    'lift day 42' => [42, 'caesarean', ['symptom_free_screen'], 'lift_max_g', null],
    'impact day 83' => [83, 'vaginal', ['symptom_free_screen'], 'impact_max', 0],
    'impact day 84' => [84, 'vaginal', ['symptom_free_screen'], 'impact_max', 3],
    'impact years later, leaking' => [1500, 'vaginal', ['symptom_free_screen', 'leaking'], 'impact_max', 0],
]);

it('keeps a trunk that was cut from bending under load and from doming for eight weeks', function (
    int $days, string $birth, array $out,
): void {
    $own = array_filter(
        afterBirth($days, $birth, ['symptom_free_screen'])->binding(Field::AvoidMotions),
        static fn (Limit $l): bool => $l->rule === 'postpartum',
    );
    expect(array_column(array_column($own, 'value'), 'value'))->toEqualCanonicalizing($out);
})->with([
    'the last day' => [55, 'caesarean', ['spine_flexion_loaded', 'abdominal_doming_load']],
    'past it' => [56, 'caesarean', []], 'another birth' => [20, 'vaginal', []],
]);

it('never tightens with time after a birth, and never loosens towards it', function (): void {
    foreach (['vaginal', 'caesarean'] as $birth) {
        for ($day = 1; $day < 120; $day++) {
            [$earlier, $later] = [
                afterBirth($day - 1, $birth, ['symptom_free_screen']),
                afterBirth($day, $birth, ['symptom_free_screen']),
            ];
            foreach ([Field::Clearance, Field::ImpactMax, Field::LiftMaxG] as $field) {
                [$a, $b] = [$earlier->tightest($field), $later->tightest($field)];
                expect(
                    $b === null || ($a !== null && $field->tightness($a->value) >= $field->tightness($b->value)),
                )->toBeTrue();
            }
        }
    }
});

it('fires the same rule from a medicine, from skin that cannot feel, and from a weak hand', function (): void {
    $rules = RuleBook::standard();
    $on = Day::of(Made::TODAY);
    $of = static fn (array $with): Envelope => $rules->envelope(new Facts(Made::client($with), $on));
    expect($of(['medicines' => ['Beta-blocker (bisoprolol)']])->flag(Field::HeartRateValid))->toBeFalse()
        ->and($of(['medicines' => ['insulin glargine']])->words(Field::Watches))->toContain('glucose|before')
        ->and(
            $of(['insensate' => ['left heel']])->words(Field::AvoidMaterial),
        )->toContain('hard_edge')
        ->and(
            Profile::read(
                new Bag([...Made::form(), 'conditions' => [['code' => 'hand_function_none', 'side' => 'left']]]),
            )->function->grip(Side::Left),
        )->toBe(Grip::None);
});

it('releases by a confirmed end exactly what that condition had asked for', function (): void {
    $made = new Made(91);
    $rules = RuleBook::standard();
    $on = Day::of(Made::TODAY);
    for ($i = 0; $i < 5000; $i++) {
        $form = $made->randomForm();
        $ended = [
            'code' => $made->one(array_map(static fn ($a): string => $a->code, $rules->conditions())),
            'side' => 'left',
            'until' => '2026-11-01',
        ];
        $with = static fn (array $more): array => array_map(
            static fn ($l): string => $l->key(),
            $rules->envelope(
                new Facts(Profile::read(new Bag([...$form, 'conditions' => [...$form['conditions'], ...$more]])), $on),
            )->all(),
        );
        $held = $with([$ended]);
        // The date has passed: without a word everything still holds; with it, the client is as if the condition were
        // not there.
        if (
            $held !== $with([array_diff_key($ended, ['until' => 1])])
            || $with([[...$ended, 'detail' => 'end_confirmed']]) !== $with([])
        ) {
            $this->fail("client $i: ".json_encode($ended));
        }
    }
    expect($i)->toBe(5000);
});
