<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Mass;

/**
 * The envelope as short sentences for people, one line a field and part of the body, with who set it. Defaults that limit
 * nothing are left out.
 *
 * @phpstan-type Line array{key: string, field: string, title: string, by: string, says: string}
 */
final class LimitLines
{
    private const MOTIONS = [
        'spine_flexion_loaded' => 'bending a loaded spine', 'spine_flexion_end_range' => 'bending the spine to its end',
        'spine_rotation_loaded' => 'twisting a loaded spine', 'spine_rotation_end_range' => 'twisting the spine to its end',
        'hip_flexion_past_90' => 'hip bent past 90 degrees', 'hip_adduction_past_midline' => 'leg across the midline',
        'hip_internal_rotation' => 'hip turned in', 'hip_extension_external_rotation' => 'hip back and turned out',
        'shoulder_past_90' => 'arm above shoulder height', 'abdominal_doming_load' => 'loads that make the belly dome',
        'single_leg_load' => 'full load on one leg', 'single_leg_load_unsupported' => 'one-leg work without a hold',
        'wide_stance_load' => 'wide stance under load', 'deep_knee_flexion_loaded' => 'deep knee bend under load',
        'grip_sustained_heavy' => 'long heavy gripping', 'wrist_extension_loaded' => 'load on a bent-back wrist', 'ballistic' => 'swinging or throwing',
    ];

    private const POSITIONS = [
        'supine_flat' => 'flat on the back', 'prone' => 'on the front', 'side_lying_left' => 'on the left side', 'side_lying_right' => 'on the right side',
        'inverted' => 'head below the hips', 'quadruped' => 'on hands and knees', 'kneeling' => 'kneeling', 'floor' => 'on the floor',
        'arms_overhead' => 'arms overhead', 'long_static_standing' => 'standing still for long', 'standing' => 'standing',
    ];

    private const WATCHES = ['bp' => 'Blood pressure', 'hr' => 'Heart rate', 'spo2' => 'Saturation', 'glucose' => 'Glucose', 'skin' => 'Skin', 'pelvic_floor' => 'Pelvic floor', 'weight' => 'Weight', 'temperature' => 'Temperature'];

    /** Longer sets of words are shown on the Limits page; the margin keeps to what shapes the plan. */
    private const NOT_IN_LINES = [Field::StopSigns, Field::Notes];

    /**
     * @param  array<string, string>  $labels  rule id to the name a clinician knows it by
     * @return list<Line>
     */
    public static function of(Envelope $envelope, array $labels): array
    {
        $lines = [];
        foreach (Field::cases() as $field) {
            if (in_array($field, self::NOT_IN_LINES, true)) {
                continue;
            }
            foreach (self::scopes($envelope, $field) as $scope) {
                $line = self::line($envelope, $field, $scope, $labels);
                if ($line !== null) {
                    $lines[] = $line;
                }
            }
        }

        return $lines;
    }

    /** @return list<Scope> */
    private static function scopes(Envelope $envelope, Field $field): array
    {
        $scopes = ['' => new Scope];
        foreach ($envelope->all() as $limit) {
            if ($limit->field === $field && ! $limit->scope->isEverything()) {
                $scopes[$limit->scope->key()] = $limit->scope;
            }
        }

        return array_values($scopes);
    }

    /**
     * @param  array<string, string>  $labels
     * @return Line|null
     */
    private static function line(Envelope $envelope, Field $field, Scope $scope, array $labels): ?array
    {
        // Only what was asked for at exactly this scope: what binds everything has its own line.
        $own = array_values(array_filter($envelope->binding($field, $scope), static fn (Limit $l): bool => $l->scope->key() === $scope->key() && $l->rule !== 'default'));
        if ($own === []) {
            return null;
        }
        $tightest = $own[0];
        foreach ($own as $limit) {
            if (! $field->isList() && $field->tightness($limit->value) > $field->tightness($tightest->value)) {
                $tightest = $limit;
            }
        }
        $winners = $field->isList() ? $own : array_values(array_filter($own, static fn (Limit $l): bool => $l->value === $tightest->value));
        $words = array_values(array_unique(array_map(static fn (Limit $l): string => (string) $l->value, $own)));
        $title = self::title($field, $tightest->value, $words);
        if ($title === null) {
            return null;
        }
        $by = array_values(array_unique(array_map(static fn (Limit $l): string => $labels[$l->rule] ?? ucfirst(str_replace('_', ' ', $l->rule)), $winners)));

        return [
            'key' => $field->value.($scope->isEverything() ? '' : '@'.$scope->key()),
            'field' => $field->value,
            'title' => ($scope->isEverything() ? '' : ucfirst($scope->label()).': ').($scope->isEverything() ? ucfirst($title) : $title),
            'by' => implode(' · ', $by),
            'says' => implode(' ', array_values(array_unique(array_map(static fn (Limit $l): string => $l->says, $winners)))),
        ];
    }

    /** @param  list<string>  $words */
    private static function title(Field $field, int|string|bool $value, array $words): ?string
    {
        $n = is_int($value) ? $value : 0;

        return match ($field) {
            Field::Clearance => match ($value) {
                'advised' => 'clearance advised',
                'required' => 'clearance required before a plan is issued',
                'withheld' => 'no exercise: absolute contraindication',
                default => null,
            },
            Field::EffortMax => sprintf('effort up to %d of 10', $n),
            Field::LoadPctMax => sprintf('load up to %d %% of 1RM', $n),
            Field::LiftMaxG => sprintf('lift %s in all at most', Mass::say($n)),
            Field::RepsMin => $n > 1 ? sprintf('%d reps or more', $n) : null,
            Field::RepsMax => sprintf('%d reps at most', $n),
            Field::HoldMaxS => sprintf('hard holds of %d s at most', $n),
            Field::Breath => 'breathe out on effort, no holding',
            Field::AvoidPositions => 'not '.self::say($words, self::POSITIONS),
            Field::AvoidMotions => 'no '.self::say($words, self::MOTIONS),
            Field::ImpactMax => ['no impact', 'stamps and heel drops at most', 'hops at most', 'jumps allowed'][$n] ?? null,
            Field::SupportMin => match ($value) {
                'fingertip' => 'fingertips on something fixed',
                'one_hand' => 'one hand on something fixed',
                'two_hands' => 'both hands on something fixed',
                'seated' => 'seated work only',
                default => null,
            },
            Field::SurfaceMax => $value === 'firm' ? 'firm floor, shoes on' : 'nothing softer than foam',
            Field::Vision => 'eyes open',
            Field::SupervisionMin => $value === 'someone_home' ? 'someone at home' : 'clinician present',
            Field::StepPctMax => sprintf('load steps of %d %% at most', $n),
            Field::SessionsBetweenSteps => sprintf('%d good sessions before a step', $n),
            Field::RestMinS => $n > 0 ? sprintf('rest %d s or more', $n) : null,
            Field::HoursBetweenSameMuscle => sprintf('%d h between work for the same muscles', $n),
            Field::AvoidMaterial => 'no '.self::say($words, []),
            Field::Watches => implode(', ', array_map(static function (string $watch): string {
                [$what, $when] = explode('|', $watch) + ['', ''];

                return lcfirst((self::WATCHES[$what] ?? str_replace('_', ' ', $what))).' '.$when.' each session';
            }, $words)),
            Field::HeartRateValid => $value === false ? 'heart rate misleads: use effort and talking' : null,
            default => null,
        };
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $names
     */
    private static function say(array $words, array $names): string
    {
        return implode(', ', array_map(static fn (string $w): string => $names[$w] ?? str_replace('_', ' ', $w), $words));
    }
}
