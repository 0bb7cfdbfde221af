<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/** The fields of an envelope and, for each, which way is tighter. Order is the order they are shown in. */
enum Field: string
{
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
    case SurfaceMax = 'surface_max';
    case Vision = 'vision';
    case SupervisionMin = 'supervision_min';
    case StepPctMax = 'step_pct_max';
    case SessionsBetweenSteps = 'sessions_between_steps';
    case RestMinS = 'rest_min_s';
    case HoursBetweenSameMuscle = 'hours_between_same_muscle';
    case AvoidMaterial = 'avoid_material';
    case Watches = 'watches';
    case HeartRateValid = 'heart_rate_valid';
    case StopSigns = 'stop_signs';
    case Notes = 'notes';

    /** @return list<string>|null values from free to tight, for fields whose values are words */
    public function scale(): ?array
    {
        return match ($this) {
            self::Clearance => ['none', 'advised', 'required', 'withheld'],
            self::Breath => ['free', 'no_holding'],
            self::SupportMin => ['free', 'fingertip', 'one_hand', 'two_hands', 'seated'],
            self::SurfaceMax => ['unstable', 'foam', 'firm'],
            self::Vision => ['any', 'eyes_open'],
            self::SupervisionMin => ['alone', 'someone_home', 'clinician_present'],
            default => null,
        };
    }

    /** Lists grow by union: every word added is a tightening. */
    public function isList(): bool
    {
        return in_array($this, [self::AvoidPositions, self::AvoidMotions, self::AvoidMaterial, self::Watches, self::StopSigns, self::Notes], true);
    }

    /** How tight a value is: a larger number is tighter. Numbers here are comparable only within one field. */
    public function tightness(int|string|bool $value): int
    {
        if (is_bool($value)) {
            return $value ? 0 : 1;
        }
        if (is_string($value)) {
            return (int) array_search($value, $this->scale() ?? [], true);
        }

        return match ($this) {
            self::RepsMin, self::SessionsBetweenSteps, self::RestMinS, self::HoursBetweenSameMuscle => $value,
            default => -$value,
        };
    }
}
