<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What a joint or the spine does. A motion that a limit rules out is one that a rung may demand. */
enum Motion: string implements Word
{
    case SpineFlexionLoaded = 'spine_flexion_loaded';
    case SpineFlexionEndRange = 'spine_flexion_end_range';
    case SpineRotationLoaded = 'spine_rotation_loaded';
    case SpineRotationEndRange = 'spine_rotation_end_range';
    case HipFlexionPast90 = 'hip_flexion_past_90';
    case HipAdductionPastMidline = 'hip_adduction_past_midline';
    case HipInternalRotation = 'hip_internal_rotation';
    case HipExtensionExternalRotation = 'hip_extension_external_rotation';
    case ShoulderPast90 = 'shoulder_past_90';
    case AbdominalDomingLoad = 'abdominal_doming_load';
    case SingleLegLoad = 'single_leg_load';
    case SingleLegLoadUnsupported = 'single_leg_load_unsupported';
    case WideStanceLoad = 'wide_stance_load';
    case DeepKneeFlexionLoaded = 'deep_knee_flexion_loaded';
    case GripSustainedHeavy = 'grip_sustained_heavy';
    case WristExtensionLoaded = 'wrist_extension_loaded';
    case Ballistic = 'ballistic';

    public function label(): string
    {
        return match ($this) {
            self::SpineFlexionLoaded => 'bending a loaded spine',
            self::SpineFlexionEndRange => 'bending the spine to its end',
            self::SpineRotationLoaded => 'twisting a loaded spine',
            self::SpineRotationEndRange => 'twisting the spine to its end',
            self::HipFlexionPast90 => 'hip bent past 90 degrees',
            self::HipAdductionPastMidline => 'leg across the midline',
            self::HipInternalRotation => 'hip turned in',
            self::HipExtensionExternalRotation => 'hip back and turned out',
            self::ShoulderPast90 => 'arm above shoulder height',
            self::AbdominalDomingLoad => 'loads that make the belly dome',
            self::SingleLegLoad => 'full load on one leg',
            self::SingleLegLoadUnsupported => 'one-leg work without a hold',
            self::WideStanceLoad => 'wide stance under load',
            self::DeepKneeFlexionLoaded => 'deep knee bend under load',
            self::GripSustainedHeavy => 'long heavy gripping',
            self::WristExtensionLoaded => 'load on a bent-back wrist',
            self::Ballistic => 'swinging or throwing',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    /** What keeps this motion within its limit; null when nothing does. */
    public function easedBy(): ?ChangeKind
    {
        return match ($this) {
            self::DeepKneeFlexionLoaded, self::HipFlexionPast90, self::ShoulderPast90, self::SpineFlexionEndRange,
            self::SpineRotationEndRange => ChangeKind::ShortenRange,
            self::WideStanceLoad => ChangeKind::NarrowerStance,
            self::GripSustainedHeavy => ChangeKind::GripAid,
            default => null,
        };
    }
}
