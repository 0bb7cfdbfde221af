<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/** Every condition there are rules for, by the part of the intake that asks about it. A new one is a class and a line here. */
final class AllConditions
{
    /** @return array<string, list<ConditionRules>> */
    public static function byGroup(): array
    {
        return [
            'Age and falls' => [
                new Conditions\OlderAdultNew,
                new Conditions\FallsRiskHigh,
            ],
            'Heart and vessels' => [
                new Conditions\HypertensionControlled,
                new Conditions\CoronaryDisease,
                new Conditions\HeartFailure,
                new Conditions\DevicePacemakerIcd,
                new Conditions\ValveOrAorticDisease,
                new Conditions\Sternotomy,
                new Conditions\BetaBlocker,
                new Conditions\Anticoagulant,
                new Conditions\OrthostaticDrop,
            ],
            'Lungs, metabolism, kidneys' => [
                new Conditions\ChronicLungDisease,
                new Conditions\Diabetes,
                new Conditions\DiabetesGlucoseLowering,
                new Conditions\RetinopathySevere,
                new Conditions\PeripheralNeuropathy,
                new Conditions\AutonomicNeuropathy,
                new Conditions\ChronicKidneyDisease,
                new Conditions\DialysisFistula,
            ],
            'Nerves and senses' => [
                new Conditions\StrokeHemiparesis,
                new Conditions\Parkinsons,
                new Conditions\MultipleSclerosis,
                new Conditions\SpinalCordInjuryHigh,
                new Conditions\SpinalCordInjuryLow,
                new Conditions\WheelchairUser,
                new Conditions\InsensateSkin,
                new Conditions\Epilepsy,
                new Conditions\Dizziness,
                new Conditions\LowVision,
                new Conditions\CognitiveImpairment,
                new Conditions\Glaucoma,
            ],
            'Bones, joints, limbs' => [
                new Conditions\Osteoporosis,
                new Conditions\Osteopenia,
                new Conditions\OsteoarthritisHip,
                new Conditions\OsteoarthritisKnee,
                new Conditions\RheumatoidArthritis,
                new Conditions\LowBackPain,
                new Conditions\RotatorCuffPain,
                new Conditions\LimbLoss,
                new Conditions\HandFunctionNone,
                new Conditions\HandFunctionWeak,
            ],
            'After surgery' => [
                new Conditions\HipReplacementPosterior,
                new Conditions\HipReplacementAnterior,
                new Conditions\KneeReplacement,
            ],
            'Cancer' => [
                new Conditions\Cancer,
                new Conditions\Lymphedema,
                new Conditions\BoneMetastasis,
                new Conditions\PlateletsLow,
            ],
            'Belly and pelvis' => [
                new Conditions\Hernia,
                new Conditions\Ostomy,
                new Conditions\PelvicOrganProlapse,
            ],
            'Pregnancy and birth' => [
                new Conditions\PregnancyDoming,
                new Conditions\PregnancyPelvicGirdlePain,
                new Conditions\PregnancyLightHeaded,
                new Conditions\PregnancyPelvicFloorSymptoms,
                ...Conditions\PregnancyContraindication::all(),
            ],
            'Other' => [
                new Conditions\LatexAllergy,
            ],
        ];
    }
}
