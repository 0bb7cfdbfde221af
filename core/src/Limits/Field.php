<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Labelled;
use BuoyantStep\Core\Vocabulary\Scale;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;
use BuoyantStep\Core\Vocabulary\Word;

/** The fields of an envelope and, for each, which way is tighter. Order is the order they are shown in. */
enum Field: string implements Labelled
{
    /** What each side keeps for itself where left and right progress apart; the rest binds both. */
    public const OF_ONE_SIDE = [self::LoadPctMax, self::LiftMaxG, self::StepPctMax, self::SessionsBetweenSteps];

    case Clearance = 'clearance';
    case EffortMax = 'effort_max';
    case LoadPctMax = 'load_pct_max';
    case LiftMaxG = 'lift_max_g';
    case RepsMin = 'reps_min';
    case RepsMax = 'reps_max';
    case HoldMaxS = 'hold_max_s';
    case Breath = 'breath';
    case AvoidPositions = 'avoid_positions';
    case AvoidMotions = 'avoid_motions';
    case ImpactMax = 'impact_max';
    case SupportMin = 'support_min';
    case SpineLoadMax = 'spine_load_max';
    case SurfaceMax = 'surface_max';
    case Vision = 'vision';
    case SupervisionMin = 'supervision_min';
    case StepPctMax = 'step_pct_max';
    case SessionsBetweenSteps = 'sessions_between_steps';
    case RestMinS = 'rest_min_s';
    case HoursBetweenSameMuscle = 'hours_between_same_muscle';
    case AvoidParts = 'avoid_parts';
    case AvoidMaterial = 'avoid_material';
    case Watches = 'watches';
    case HeartRateValid = 'heart_rate_valid';
    case StopSigns = 'stop_signs';
    case Notes = 'notes';

    public function label(): string
    {
        return match ($this) {
            self::Clearance => 'Clearance',
            self::EffortMax => 'RPE at most, of 10',
            self::LoadPctMax => 'Load at most, % of 1RM',
            self::LiftMaxG => 'Lift at most, in all',
            self::RepsMin => 'Reps at least',
            self::RepsMax => 'Reps at most',
            self::HoldMaxS => 'Hard hold at most, s',
            self::Breath => 'Breath',
            self::AvoidPositions => 'Positions to avoid',
            self::AvoidMotions => 'Motions to avoid',
            self::ImpactMax => 'Impact at most, 0-3',
            self::SupportMin => 'Support at least',
            self::SpineLoadMax => 'Load on the spine at most',
            self::SurfaceMax => 'Surface',
            self::Vision => 'Vision',
            self::SupervisionMin => 'Supervision at least',
            self::StepPctMax => 'Load step at most, %',
            self::SessionsBetweenSteps => 'Sessions between steps',
            self::RestMinS => 'Rest at least, s',
            self::HoursBetweenSameMuscle => 'Hours between same muscles',
            self::AvoidParts => 'Cannot be used',
            self::AvoidMaterial => 'Materials to avoid',
            self::Watches => 'Watches',
            self::HeartRateValid => 'Heart rate can be used',
            self::StopSigns => 'Red flags',
            self::Notes => 'Notes',
        };
    }

    /** The word of this field's scale that limits nothing; null for fields that hold no scale. */
    public function freest(): ?Scale
    {
        return match ($this) {
            self::Clearance => Clearance::None,
            self::Breath => Breath::Free,
            self::SupportMin => Support::Free,
            self::SpineLoadMax => SpineLoad::High,
            self::SurfaceMax => Surface::Unstable,
            self::Vision => Vision::Any,
            self::SupervisionMin => Supervision::Alone,
            default => null,
        };
    }

    /** Lists grow by union: every word added is a tightening. */
    public function isList(): bool
    {
        return in_array(
            $this,
            [
                self::AvoidPositions, self::AvoidMotions, self::AvoidParts, self::AvoidMaterial, self::Watches,
                self::StopSigns,
                self::Notes,
            ],
            true,
        );
    }

    /** How tight a value is: a larger number is tighter. Comparable within one field only. */
    public function tightness(int|string|bool|Word $value): int
    {
        return match (true) {
            is_bool($value) => $value ? 0 : 1,
            $value instanceof Scale => $value->tightness(),
            ! is_int($value) => 0,
            in_array($this, [
                self::RepsMin, self::SessionsBetweenSteps, self::RestMinS, self::HoursBetweenSameMuscle,
            ], true) => $value,
            default => -$value,
        };
    }
}
