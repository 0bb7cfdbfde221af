<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Check;

/**
 * What must not happen to one client, worked out anew from the table of conditions (limits) and the client's function:
 * no class of the core is used here. Where the reference leaves a choice the tighter reading stands.
 */
final class Must
{
    /** @var list<array{string, string}> a motion and the side on which it must not be made: left, right or both */
    public array $motions = [];

    /** @var list<string> */
    public array $positions = [];

    /** @var list<array{string, string}> arm, leg, trunk or sitting, and the side that cannot do it */
    public array $parts = [];

    /** @var list<array{string, string, int}> region, side, percent of the 1RM */
    public array $loadPct = [];

    /** @var list<array{string, string, int}> region, side, grams from outside, all of it */
    public array $liftG = [];

    /** @var list<array{string, string}> support and what it binds: standing, balance_2, single_leg */
    public array $support = [];

    /** @var list<array{string, string}> region and side where no strap may lie; "any" where it may on a pad */
    public array $straps = [];

    /** @var list<array{string, string}> region and side where not even a padded one may */
    public array $noStraps = [];

    public int $effort = 10;

    public int $repsMin = 1;

    public int $repsMax = 999;

    public int $holdS = 9999;

    public int $impact = 3;

    public int $restS = 0;

    public string $spine = 'high';

    public bool $noHolding = false;

    public bool $firm = false;

    public bool $eyesOpen = false;

    public bool $latex = false;

    public bool $noPlan = false;

    public bool $someoneForBalance = false;

    public bool $alone = true;

    private float $tandem = 0;

    /** @var array{left: string, right: string} */
    public array $grip = ['left' => 'none', 'right' => 'none'];

    /**
     * @param  array<string, mixed>  $client  in the open form
     * @param  array<string, float>  $measures  test to its value, the weaker side's where it has sides
     */
    public function __construct(array $client, array $measures, string $on)
    {
        $function = $client['function'] ?? [];
        $this->tandem = $measures['tandem_stand'] ?? 0;
        $this->alone = ! in_array($function['home'] ?? 'alone', ['someone_home', 'carer'], true);
        $this->function($function);
        foreach ($client['conditions'] ?? [] as $condition) {
            $this->condition(
                $condition['code'], $condition['side'] ?? 'both', (array) ($condition['detail'] ?? []), $function,
            );
        }
        if (isset($client['pregnancy']['due_date'])) {
            $left = (int) round((strtotime($client['pregnancy']['due_date']) - strtotime($on)) / 86400);
            $this->pregnancy(280 - $left, ($client['training']['level'] ?? '') === 'trained');
        }
        if (
            ($measures['tandem_stand'] ?? 10) < 10 || ($measures['timed_up_and_go'] ?? 0) >= 12
            || ($measures['one_leg_stand'] ?? 30) < 5 || ($function['fallen_in_year'] ?? false)
        ) {
            $this->support[] = ['one_hand', 'balance_2'];
            $this->eyesOpen = true;
        }
    }

    /** @param  int  $day  of gestation */
    private function pregnancy(int $day, bool $trained): void
    {
        $this->caps(
            effort: $trained ? 7 : 6, repsMin: 10, hold: 10, impact: $trained && $day < 140 ? 2 : 1, noHolding: true,
        );
        if ($day >= 112) {
            $this->positions[] = 'prone';
        }
        if ($day >= 140) {
            array_push($this->positions, 'supine_flat', 'long_static_standing');
        }
        if ($day >= 196) {
            $this->support[] = ['fingertip', 'single_leg'];
        }
    }

    /** @param  array<string, mixed>  $function */
    private function function(array $function): void
    {
        foreach (['left', 'right'] as $side) {
            $this->grip[$side] = $function['grip'][$side] ?? 'none';
            foreach (['arm', 'leg'] as $limb) {
                if (($function['limbs'][$limb.'_'.$side] ?? '') === 'none') {
                    $this->parts[] = [$limb, $side];
                }
            }
        }
        $standing = $function['standing'] ?? 'none';
        if ($standing === 'none') {
            $this->positions[] = 'standing';
        }
        if ($standing === 'supported') {
            $this->support[] = ['one_hand', 'standing'];
        }
        if (($function['floor_transfer'] ?? 'none') !== 'alone'
            && (($function['floor_transfer'] ?? 'none') === 'none' || $this->alone)) {
            $this->positions[] = 'floor';
        }
        $trunk = $function['trunk'] ?? '';
        if ($trunk === 'none') {
            $this->parts[] = ['trunk', 'both'];
        }
        if ($trunk === 'none' || $trunk === 'poor') {
            $this->parts[] = ['sitting', 'both'];
        }
        $bed = $function['bed_transfer'] ?? '';
        if ($bed === 'none' || ($bed === 'helped' && $this->alone)) {
            array_push($this->positions, 'supine_flat', 'supine_raised', 'prone', 'side_lying');
        }
    }

    /** @param  list<string>  $names */
    private function motions(string $side, string ...$names): void
    {
        foreach ($names as $name) {
            $this->motions[] = [$name, $side];
        }
    }

    private function spineMotions(): void
    {
        $this->motions(
            'both', 'spine_flexion_loaded', 'spine_flexion_end_range', 'spine_rotation_loaded',
            'spine_rotation_end_range', 'spine_side_bend_loaded', 'spine_extension_end_range',
        );
    }

    private function tightSpine(string $spine): void
    {
        $order = ['high', 'moderate', 'low'];
        if (array_search($spine, $order, true) > array_search($this->spine, $order, true)) {
            $this->spine = $spine;
        }
    }

    /** @param  array<string, mixed>  $function */
    private function wheels(array $function, bool $stands, bool $trunkToo): void
    {
        foreach ($stands ? [] : ['left', 'right'] as $side) {
            if (! isset($function['limbs']['leg_'.$side])) {
                $this->parts[] = ['leg', $side];
            }
        }
        if (! isset($function['trunk'])) {
            $this->parts[] = ['sitting', 'both'];
            if ($trunkToo) {
                $this->parts[] = ['trunk', 'both'];
            }
        }
        if (! $stands && ! $trunkToo) {
            $this->positions[] = 'standing';
        }
    }

    /**
     * One row of the table of conditions.
     *
     * @param  list<string>  $detail
     * @param  array<string, mixed>  $function
     */
    private function condition(string $code, string $side, array $detail, array $function): void
    {
        $has = static fn (string ...$any): bool => array_intersect($any, $detail) !== [];
        $done = $has('first_block_done');
        match ($code) {
            'older_adult_new' => $this->caps(effort: $done ? 8 : 6, pct: $done ? 80 : 60),
            'falls_risk_high' => $this->fallsRisk(),
            'osteoporosis' => $this->osteoporosis($has('vertebral_fracture'), $has('overhead_cleared')),
            'osteopenia' => [$this->motions('both', 'spine_flexion_end_range'), $this->caps(impact: 2)],
            'hypertension_controlled' => $this->caps(effort: 7, repsMin: 8, hold: 10, rest: 60, noHolding: true),
            'coronary_disease', 'heart_failure' => $this->heart($code, $done, $has('breathless_lying')),
            'device_pacemaker_icd' => $has('arm_cleared') ? null : $this->motions($side, 'shoulder_past_90'),
            'valve_or_aortic_disease' => $this->caps(effort: 5, pct: 40, hold: 6, noHolding: true),
            'sternotomy' => [
                $this->motions('both', 'arm_away_from_trunk_loaded', 'chest_opening', 'one_sided_pull_loaded',
                    'weight_on_hand'),
                $this->caps(lift: 4500, noHolding: true),
            ],
            'chronic_lung_disease' => $this->caps(effort: 6, rest: 90),
            'retinopathy_severe' => [
                $this->caps(effort: 5, impact: 0, hold: 6, noHolding: true), $this->positions[] = 'inverted',
            ],
            'peripheral_neuropathy' => [
                $this->caps(impact: 1), $this->firm = true, $this->support[] = ['fingertip', 'balance_2'],
                $this->positions[] = 'bare_feet', $has('foot_ulcer') ? $this->positions[] = 'standing' : null,
            ],
            'anticoagulant' => $this->caps(impact: 1),
            'stroke_hemiparesis' => $this->stroke($side, $done, $has('painful_shoulder'), $has('subluxed_shoulder')),
            'parkinsons' => [$this->support[] = ['fingertip', 'balance_2'], $this->eyesOpen = true],
            'multiple_sclerosis' => $this->caps(effort: 6, rest: 120),
            'spinal_cord_injury_t6_or_above' => [$this->caps(hold: 10), $this->wheels($function, false, true)],
            'spinal_cord_injury_below_t6', 'wheelchair_user' => $this->wheels($function, $has('stands'), false),
            'insensate_skin' => $this->insensate($detail),
            'limb_loss' => $has('prosthesis') ? null : $this->limbLoss($side, $has(...)),
            'osteoarthritis_hip', 'osteoarthritis_knee' => [
                $this->caps(impact: 1),
                $has('pain_free') ? null : $this->motions($side, 'deep_knee_flexion_loaded'),
            ],
            'rheumatoid_arthritis' => $this->rheumatoid($side, $has(...)),
            'low_back_pain' => $has('settled')
                ? null
                : $this->motions('both', 'spine_flexion_end_range', 'spine_flexion_loaded'),
            'hip_replacement_posterior' => $this->motions(
                $side, 'hip_flexion_past_90', 'hip_adduction_past_midline', 'hip_internal_rotation',
            ),
            'hip_replacement_anterior' => [
                $this->motions($side, 'hip_extension_external_rotation'), $this->positions[] = 'prone',
            ],
            'knee_replacement' => [
                $has('kneeling_comfortable') ? null : $this->positions[] = 'kneeling',
                $has('impact_cleared') ? null : $this->caps(impact: 0),
            ],
            'rotator_cuff_pain' => $has('pain_free') ? null : $this->motions($side, 'shoulder_past_90'),
            'cancer' => $done ? null : $this->caps(effort: 5, pct: 50),
            'bone_metastasis' => $this->metastasis($side, $has(...)),
            'platelets_low' => $this->platelets($detail),
            'dialysis_fistula' => [
                $this->noStraps[] = ['upper', $side], $this->motions($side, 'grip_sustained_heavy'),
                $has('load_cleared') ? null : $this->loadPct[] = ['upper', $side, 40],
            ],
            'hernia', 'ostomy' => [
                $this->caps(lift: 5000, noHolding: true), $this->motions('both', 'abdominal_doming_load'),
            ],
            'pelvic_organ_prolapse' => [
                $this->caps(effort: 6, impact: 0, noHolding: true), $this->motions('both', 'abdominal_doming_load'),
            ],
            'glaucoma' => [$this->caps(noHolding: true), $this->positions[] = 'inverted'],
            'low_vision', 'cognitive_impairment' => [$this->eyesOpen = true, $this->someoneForBalance = true],
            'epilepsy', 'dizziness', 'orthostatic_drop' => $this->someoneForBalance = true,
            'latex_allergy' => $this->latex = true,
            'unstable_heart' => $this->noPlan = true,
            'atrial_fibrillation' => $this->caps(effort: 6),
            'fracture_healing' => $this->fracture($side, $has(...)),
            'spinal_surgery' => [$this->spineMotions(), $this->tightSpine('low'), $this->caps(lift: 4500)],
            'spinal_stenosis' => $this->motions('both', 'spine_extension_end_range'),
            'shoulder_surgery' => [
                $this->motions($side, 'shoulder_past_90', 'weight_on_hand'), $this->liftG[] = ['upper', $side, 0],
            ],
            'abdominal_surgery' => [
                $this->caps(lift: 4500, noHolding: true), $this->motions('both', 'abdominal_doming_load'),
            ],
            'breast_surgery' => [
                $this->caps(lift: 4500, noHolding: true), $this->motions($side, 'chest_opening', 'shoulder_past_90'),
            ],
            'prostate_surgery' => $this->caps(lift: 4500, noHolding: true),
            'post_exertional_fatigue' => $this->caps(effort: 3),
            'pregnancy_doming' => $this->motions('both', 'abdominal_doming_load'),
            'pregnancy_pelvic_girdle_pain' => $this->motions('both', 'single_leg_load', 'wide_stance_load'),
            default => null,
        };
    }

    private function caps(
        int $effort = 10,
        int $pct = 100,
        int $repsMin = 1,
        int $hold = 9999,
        int $impact = 3,
        int $rest = 0,
        ?int $lift = null,
        bool $noHolding = false,
    ): void {
        $this->effort = min($this->effort, $effort);
        $this->repsMin = max($this->repsMin, $repsMin);
        $this->holdS = min($this->holdS, $hold);
        $this->impact = min($this->impact, $impact);
        $this->restS = max($this->restS, $rest);
        $this->noHolding = $this->noHolding || $noHolding;
        if ($pct < 100) {
            $this->loadPct[] = ['any', 'both', $pct];
        }
        if ($lift !== null) {
            $this->liftG[] = ['any', 'both', $lift];
        }
    }

    private function fallsRisk(): void
    {
        $this->firm = $this->eyesOpen = $this->someoneForBalance = true;
        $this->support[] = [$this->tandem >= 10 ? 'fingertip' : 'one_hand', 'balance_2'];
        $this->support[] = ['fingertip', 'single_leg'];
    }

    private function osteoporosis(bool $fracture, bool $overhead): void
    {
        $this->motions('both', 'spine_flexion_loaded', 'spine_flexion_end_range', 'spine_rotation_loaded',
            'spine_rotation_end_range', 'ballistic');
        $this->caps(impact: $fracture ? 0 : 1, pct: $fracture ? 60 : 100);
        if ($fracture) {
            $this->tightSpine('moderate');
            $overhead ? null : $this->motions('both', 'shoulder_past_90');
        }
    }

    private function heart(string $code, bool $done, bool $lying): void
    {
        $fails = $code === 'heart_failure';
        $this->caps(effort: $fails && ! $done ? 5 : 6, repsMin: 10, hold: 6, rest: $fails ? 90 : 0, noHolding: true);
        $this->repsMax = min($this->repsMax, 15);
        if (! $done) {
            array_push($this->loadPct, ['upper', 'both', 40], ['lower', 'both', 60]);
        }
        if ($fails && $lying) {
            $this->positions[] = 'supine_flat';
        }
    }

    private function stroke(string $side, bool $done, bool $painful, bool $subluxed): void
    {
        $this->support[] = ['one_hand', 'balance_2'];
        $this->caps(pct: $done ? 80 : 50, repsMin: 10, noHolding: true);
        $this->repsMax = min($this->repsMax, 15);
        if ($painful || $subluxed) {
            $this->motions($side, 'shoulder_past_90', 'weight_on_hand');
        }
        if ($subluxed) {
            $this->motions($side, 'arm_away_from_trunk_loaded');
        }
    }

    /** @param  list<string>  $sites */
    private function insensate(array $sites): void
    {
        foreach ($sites as $site) {
            $this->straps[] = match ($site) {
                'left foot' => ['lower', 'left'],
                'right foot' => ['lower', 'right'],
                'left hand' => ['upper', 'left'],
                'right hand' => ['upper', 'right'],
                'seat' => ['trunk', 'both'],
                default => ['any', 'both'],
            };
        }
        if ($sites === []) {
            $this->straps[] = ['any', 'both'];
        }
    }

    private function limbLoss(string $side, callable $has): void
    {
        $arm = $has('hand', 'below_elbow', 'above_elbow', 'arm');
        if ($has('below_knee', 'above_knee', 'leg') || ! $arm) {
            $this->parts[] = ['leg', $side];
            $this->positions[] = 'standing';
        }
        if ($arm) {
            $this->parts[] = ['arm', $side];
            $this->motions($side, 'weight_on_hand');
        }
    }

    private function rheumatoid(string $side, callable $has): void
    {
        if ($has('flare')) {
            $this->caps(effort: 4);
            $region = match (true) {
                $has('arms') && ! $has('legs') => 'upper',
                $has('legs') && ! $has('arms') => 'lower',
                default => 'any',
            };
            $this->loadPct[] = [$region, $side, 0];
        }
        if ($has('weak_wrist')) {
            $this->motions($side, 'wrist_extension_loaded', 'grip_sustained_heavy');
        }
    }

    private function metastasis(string $side, callable $has): void
    {
        $located = $has('spine', 'femur', 'pelvis', 'arm', 'rib');
        if ($has('spine') || ! $located) {
            $this->spineMotions();
            $this->motions('both', 'ballistic', 'carry_standing');
            $this->caps(impact: 0);
            $this->tightSpine('low');
            $this->liftG[] = ['trunk', 'both', 0];
        }
        if ($has('femur', 'pelvis') || ! $located) {
            $where = $has('pelvis') ? 'both' : $side;
            $this->motions($where, 'single_leg_load');
            $this->caps(impact: 0);
            $this->liftG[] = ['lower', $where, 0];
        }
        if ($has('arm', 'rib') || ! $located) {
            $this->motions($side, 'weight_on_hand');
            $this->liftG[] = ['upper', $side, 0];
        }
    }

    /** @param  list<string>  $detail */
    private function platelets(array $detail): void
    {
        $count = null;
        foreach ($detail as $one) {
            $count = str_starts_with($one, 'count:') ? (int) substr($one, 6) : $count;
        }
        if ($count === null || $count < 50) {
            $this->caps(effort: 4, pct: 40, impact: 0);
        }
        $this->noPlan = $this->noPlan || ($count !== null && $count < 20);
    }

    private function fracture(string $side, callable $has): void
    {
        $located = $has('arm', 'leg', 'spine', 'pelvis');
        $this->caps(impact: 0);
        if ($has('arm') || ! $located) {
            $this->motions($side, 'weight_on_hand');
            $this->liftG[] = ['upper', $side, 0];
        }
        if ($has('spine') || ! $located) {
            $this->tightSpine('low');
            $this->liftG[] = ['trunk', 'both', 0];
        }
        if ($has('leg', 'pelvis') || ! $located) {
            $where = $has('pelvis') ? 'both' : $side;
            if ($has('weight_tolerated')) {
                $this->support[] = ['one_hand', 'standing'];
            } elseif ($has('weight_partial', 'weight_touch')) {
                $this->support[] = ['two_hands', 'standing'];
                $this->motions($where, 'single_leg_load');
                $this->liftG[] = ['lower', $where, 0];
            } else {
                $this->positions[] = 'standing';
                $this->liftG[] = ['lower', $where, 0];
            }
        }
    }
}
