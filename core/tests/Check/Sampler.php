<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Check;

use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/** Made-up clients with a great deal wrong with them, in the open form. */
final class Sampler
{
    /** Every condition of the table with its details, as the reference lists them. */
    private const CONDITIONS = [
        'older_adult_new' => ['first_block_done'], 'falls_risk_high' => [],
        'osteoporosis' => ['vertebral_fracture', 'overhead_cleared'], 'osteopenia' => [],
        'hypertension_controlled' => [], 'coronary_disease' => ['first_block_done'],
        'heart_failure' => ['first_block_done', 'breathless_lying'], 'device_pacemaker_icd' => ['arm_cleared'],
        'valve_or_aortic_disease' => [], 'sternotomy' => [], 'chronic_lung_disease' => [],
        'retinopathy_severe' => [], 'peripheral_neuropathy' => ['foot_ulcer'], 'anticoagulant' => [],
        'stroke_hemiparesis' => ['painful_shoulder', 'subluxed_shoulder', 'first_block_done'], 'parkinsons' => [],
        'multiple_sclerosis' => [], 'spinal_cord_injury_t6_or_above' => [],
        'spinal_cord_injury_below_t6' => ['stands'], 'wheelchair_user' => ['stands'],
        'insensate_skin' => ['left foot', 'right foot', 'left hand', 'right hand', 'seat'],
        'limb_loss' => ['hand', 'below_elbow', 'above_knee', 'below_knee', 'prosthesis'],
        'osteoarthritis_hip' => ['pain_free'], 'osteoarthritis_knee' => ['pain_free'],
        'rheumatoid_arthritis' => ['flare', 'arms', 'legs', 'weak_wrist'], 'low_back_pain' => ['settled'],
        'hip_replacement_posterior' => [], 'hip_replacement_anterior' => [],
        'knee_replacement' => ['kneeling_comfortable', 'impact_cleared'], 'rotator_cuff_pain' => ['pain_free'],
        'cancer' => ['first_block_done'], 'bone_metastasis' => ['spine', 'femur', 'pelvis', 'arm', 'rib'],
        'platelets_low' => ['count:45', 'count:60'], 'dialysis_fistula' => ['load_cleared'], 'hernia' => [],
        'ostomy' => [], 'pelvic_organ_prolapse' => [], 'glaucoma' => [], 'low_vision' => [],
        'cognitive_impairment' => [], 'epilepsy' => [], 'dizziness' => [], 'orthostatic_drop' => [],
        'latex_allergy' => [], 'unstable_heart' => [], 'atrial_fibrillation' => [],
        'fracture_healing' => ['arm', 'leg', 'spine', 'pelvis', 'weight_partial', 'weight_tolerated'],
        'spinal_surgery' => [], 'spinal_stenosis' => [], 'shoulder_surgery' => [], 'abdominal_surgery' => [],
        'breast_surgery' => [], 'prostate_surgery' => [], 'post_exertional_fatigue' => [],
        'pregnancy_doming' => [], 'pregnancy_pelvic_girdle_pain' => [],
    ];

    private const SIDED = [
        'device_pacemaker_icd', 'stroke_hemiparesis', 'limb_loss', 'osteoarthritis_hip', 'osteoarthritis_knee',
        'rheumatoid_arthritis', 'hip_replacement_posterior', 'hip_replacement_anterior', 'rotator_cuff_pain',
        'bone_metastasis', 'dialysis_fistula', 'fracture_healing', 'shoulder_surgery', 'breast_surgery',
    ];

    public function __construct(private readonly Made $luck)
    {
    }

    /** @return array<string, mixed> */
    public function client(): array
    {
        $luck = $this->luck;
        $client = [
            'birth_date' => (string) Day::of(Made::TODAY)->plus(-$luck->int(25 * 365, 92 * 365)),
            'sex' => $luck->one(['female', 'male']), 'body_mass_kg' => $luck->int(45, 120),
            'height_mm' => $luck->int(1500, 1950), 'conditions' => $this->conditions(), 'function' => $this->function(),
        ];
        if ($luck->chance(70)) {
            $client['training'] = ['level' => $luck->one(['new', 'returning', 'trained'])];
        }
        if ($client['sex'] === 'female' && $luck->chance(12)) {
            $client['pregnancy'] = ['due_date' => (string) Day::of(Made::TODAY)->plus($luck->int(0, 250))];
        }

        return $client;
    }

    /** @return list<array<string, mixed>> */
    private function conditions(): array
    {
        $conditions = [];
        for ($n = $this->luck->int(1, 4); $n > 0; $n--) {
            $code = $this->luck->one(array_keys(self::CONDITIONS));
            // Half of all are withheld otherwise, and nothing is left to look at.
            if ($code === 'unstable_heart' && $this->luck->chance(90)) {
                continue;
            }
            $detail = array_values(
                array_filter(self::CONDITIONS[$code], fn (): bool => $this->luck->chance(35)),
            );
            $conditions[] = [
                'code' => $code, ...($detail === [] ? [] : ['detail' => $detail]),
                ...(in_array($code, self::SIDED, true) ? ['side' => $this->luck->one(['left', 'right'])] : []),
            ];
        }

        return $conditions;
    }

    /** @return array<string, mixed> */
    private function function(): array
    {
        $luck = $this->luck;
        $grips = ['none', 'weak', 'fair', 'full', 'full', 'full'];
        $function = [
            'grip' => ['left' => $luck->one($grips), 'right' => $luck->one($grips)],
            'standing' => $luck->one(['none', 'supported', 'free', 'free', 'free']),
            'floor_transfer' => $luck->one(['none', 'helped', 'alone', 'alone']),
            'home' => $luck->one(['alone', 'alone', 'someone_home', 'carer']),
        ];
        if ($luck->chance(25)) {
            $function['limbs'] = array_filter(array_map(
                fn (): ?string => $luck->one([null, 'none', 'weak', 'full', 'full']),
                array_flip(['arm_left', 'arm_right', 'leg_left', 'leg_right']),
            ));
        }
        if ($luck->chance(25)) {
            $function['trunk'] = $luck->one(['none', 'poor', 'fair', 'full']);
        }
        if ($luck->chance(20)) {
            $function['bed_transfer'] = $luck->one(['none', 'helped', 'alone']);
        }
        if ($luck->chance(30)) {
            $function['fallen_in_year'] = $luck->chance(50);
        }

        return $function;
    }

    /** @return list<array<string, mixed>> */
    public function measures(): array
    {
        $luck = $this->luck;
        $rows = [];
        foreach ([
            'chair_stand_30s' => [0, 22], 'tandem_stand' => [0, 10], 'timed_up_and_go' => [6, 20],
            'front_plank' => [0, 90],
        ] as $test => [$lo, $hi]) {
            if ($luck->chance(75)) {
                $rows[] = ['test' => $test, 'value' => $luck->int($lo, $hi)];
            }
        }
        foreach ([
            'one_leg_stand' => [0, 30], 'arm_curl_30s' => [4, 25], 'grip' => [5, 50], 'shoulder_reach' => [60, 170],
            'side_plank' => [0, 60],
        ] as $test => [$lo, $hi]) {
            foreach ($luck->chance(75) ? ['left', 'right'] : [] as $side) {
                $rows[] = ['test' => $test, 'side' => $side, 'value' => $luck->int($lo, $hi)];
            }
        }
        foreach (['seat_rise', 'tote_row', 'hinge', 'curl', 'squat', 'floor_press', 'suitcase_carry'] as $family) {
            if ($luck->chance(50)) {
                $rows[] = [
                    'test' => 'easy_set', 'family' => $family, 'load_g' => $luck->int(5, 120) * 100,
                    'reps' => $luck->int(5, 14), 'rir' => $luck->int(0, 4),
                ];
            }
        }

        return $rows;
    }
}
