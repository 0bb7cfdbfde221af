<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What a joint or the spine does. A motion that a limit rules out is one that a rung may demand. */
enum Motion: string implements Labelled, Word
{
    case SpineFlexionLoaded = 'spine_flexion_loaded';
    case SpineFlexionEndRange = 'spine_flexion_end_range';
    case SpineRotationLoaded = 'spine_rotation_loaded';
    case SpineRotationEndRange = 'spine_rotation_end_range';
    case SpineSideBendLoaded = 'spine_side_bend_loaded';
    case SpineExtensionEndRange = 'spine_extension_end_range';
    case HipFlexionPast90 = 'hip_flexion_past_90';
    case HipAdductionPastMidline = 'hip_adduction_past_midline';
    case HipInternalRotation = 'hip_internal_rotation';
    case HipExtensionExternalRotation = 'hip_extension_external_rotation';
    case ShoulderPast90 = 'shoulder_past_90';
    case ArmAwayFromTrunkLoaded = 'arm_away_from_trunk_loaded';
    case ChestOpening = 'chest_opening';
    case OneSidedPullLoaded = 'one_sided_pull_loaded';
    case AbdominalDomingLoad = 'abdominal_doming_load';
    case SingleLegLoad = 'single_leg_load';
    case WideStanceLoad = 'wide_stance_load';
    case DeepKneeFlexionLoaded = 'deep_knee_flexion_loaded';
    case GripSustainedHeavy = 'grip_sustained_heavy';
    case WristExtensionLoaded = 'wrist_extension_loaded';
    case WeightOnHand = 'weight_on_hand';
    case CarryStanding = 'carry_standing';
    case Ballistic = 'ballistic';

    public function label(): string
    {
        return match ($this) {
            self::SpineFlexionLoaded => 'bending a loaded spine',
            self::SpineFlexionEndRange => 'bending the spine to its end',
            self::SpineRotationLoaded => 'twisting a loaded spine',
            self::SpineRotationEndRange => 'twisting the spine to its end',
            self::SpineSideBendLoaded => 'bending a loaded spine to the side',
            self::SpineExtensionEndRange => 'arching the spine to its end',
            self::HipFlexionPast90 => 'hip bent past 90 degrees',
            self::HipAdductionPastMidline => 'leg across the midline',
            self::HipInternalRotation => 'hip turned in',
            self::HipExtensionExternalRotation => 'hip back and turned out',
            self::ShoulderPast90 => 'arm above shoulder height',
            self::ArmAwayFromTrunkLoaded => 'loaded arm away from the trunk',
            self::ChestOpening => 'opening the chest',
            self::OneSidedPullLoaded => 'loaded pull on one side',
            self::AbdominalDomingLoad => 'loads that make the belly dome',
            self::SingleLegLoad => 'full load on one leg',
            self::WideStanceLoad => 'wide stance under load',
            self::DeepKneeFlexionLoaded => 'deep knee bend under load',
            self::GripSustainedHeavy => 'long heavy gripping',
            self::WristExtensionLoaded => 'load on a bent-back wrist',
            self::WeightOnHand => 'body weight on the hand or forearm',
            self::CarryStanding => 'load held or carried while standing',
            self::Ballistic => 'swinging or throwing',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    /**
     * The part of the body whose joint makes it: a limit on the motion is matched there, whatever the exercise
     * trains.
     */
    public function joint(): Region
    {
        return match ($this) {
            self::HipFlexionPast90, self::HipAdductionPastMidline, self::HipInternalRotation,
            self::HipExtensionExternalRotation, self::SingleLegLoad, self::WideStanceLoad,
            self::DeepKneeFlexionLoaded => Region::Lower,
            self::ShoulderPast90, self::ArmAwayFromTrunkLoaded, self::ChestOpening, self::OneSidedPullLoaded,
            self::GripSustainedHeavy, self::WristExtensionLoaded, self::WeightOnHand => Region::Upper,
            self::Ballistic, self::CarryStanding => Region::Whole,
            default => Region::Trunk,
        };
    }

    /** What keeps this motion within its limit; null when nothing does. */
    public function easedBy(): ?ChangeKind
    {
        return match ($this) {
            self::DeepKneeFlexionLoaded, self::HipFlexionPast90, self::ShoulderPast90, self::SpineFlexionEndRange,
            self::SpineRotationEndRange, self::SpineExtensionEndRange => ChangeKind::ShortenRange,
            self::WideStanceLoad => ChangeKind::NarrowerStance,
            self::GripSustainedHeavy => ChangeKind::GripAid,
            default => null,
        };
    }
}
