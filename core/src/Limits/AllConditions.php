<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Limits\Conditions\AbdominalSurgery;
use BuoyantStep\Core\Limits\Conditions\Anticoagulant;
use BuoyantStep\Core\Limits\Conditions\AtrialFibrillation;
use BuoyantStep\Core\Limits\Conditions\AutonomicNeuropathy;
use BuoyantStep\Core\Limits\Conditions\BetaBlocker;
use BuoyantStep\Core\Limits\Conditions\BoneMetastasis;
use BuoyantStep\Core\Limits\Conditions\BreastSurgery;
use BuoyantStep\Core\Limits\Conditions\Cancer;
use BuoyantStep\Core\Limits\Conditions\ChronicKidneyDisease;
use BuoyantStep\Core\Limits\Conditions\ChronicLungDisease;
use BuoyantStep\Core\Limits\Conditions\CognitiveImpairment;
use BuoyantStep\Core\Limits\Conditions\CoronaryDisease;
use BuoyantStep\Core\Limits\Conditions\DevicePacemakerIcd;
use BuoyantStep\Core\Limits\Conditions\Diabetes;
use BuoyantStep\Core\Limits\Conditions\DiabetesGlucoseLowering;
use BuoyantStep\Core\Limits\Conditions\DialysisFistula;
use BuoyantStep\Core\Limits\Conditions\Dizziness;
use BuoyantStep\Core\Limits\Conditions\Epilepsy;
use BuoyantStep\Core\Limits\Conditions\FallsRiskHigh;
use BuoyantStep\Core\Limits\Conditions\FractureHealing;
use BuoyantStep\Core\Limits\Conditions\Glaucoma;
use BuoyantStep\Core\Limits\Conditions\HandFunctionNone;
use BuoyantStep\Core\Limits\Conditions\HandFunctionWeak;
use BuoyantStep\Core\Limits\Conditions\HeartFailure;
use BuoyantStep\Core\Limits\Conditions\Hernia;
use BuoyantStep\Core\Limits\Conditions\HipReplacementAnterior;
use BuoyantStep\Core\Limits\Conditions\HipReplacementPosterior;
use BuoyantStep\Core\Limits\Conditions\HypertensionControlled;
use BuoyantStep\Core\Limits\Conditions\InsensateSkin;
use BuoyantStep\Core\Limits\Conditions\KneeReplacement;
use BuoyantStep\Core\Limits\Conditions\LatexAllergy;
use BuoyantStep\Core\Limits\Conditions\LimbLoss;
use BuoyantStep\Core\Limits\Conditions\LowBackPain;
use BuoyantStep\Core\Limits\Conditions\LowVision;
use BuoyantStep\Core\Limits\Conditions\Lymphedema;
use BuoyantStep\Core\Limits\Conditions\MultipleSclerosis;
use BuoyantStep\Core\Limits\Conditions\OlderAdultNew;
use BuoyantStep\Core\Limits\Conditions\OrthostaticDrop;
use BuoyantStep\Core\Limits\Conditions\OsteoarthritisHip;
use BuoyantStep\Core\Limits\Conditions\OsteoarthritisKnee;
use BuoyantStep\Core\Limits\Conditions\Osteopenia;
use BuoyantStep\Core\Limits\Conditions\Osteoporosis;
use BuoyantStep\Core\Limits\Conditions\Ostomy;
use BuoyantStep\Core\Limits\Conditions\OtherCondition;
use BuoyantStep\Core\Limits\Conditions\Parkinsons;
use BuoyantStep\Core\Limits\Conditions\PelvicOrganProlapse;
use BuoyantStep\Core\Limits\Conditions\PeripheralArteryDisease;
use BuoyantStep\Core\Limits\Conditions\PeripheralNeuropathy;
use BuoyantStep\Core\Limits\Conditions\PlateletsLow;
use BuoyantStep\Core\Limits\Conditions\PostExertionalFatigue;
use BuoyantStep\Core\Limits\Conditions\PregnancyContraindication;
use BuoyantStep\Core\Limits\Conditions\PregnancyDoming;
use BuoyantStep\Core\Limits\Conditions\PregnancyLightHeaded;
use BuoyantStep\Core\Limits\Conditions\PregnancyPelvicFloorSymptoms;
use BuoyantStep\Core\Limits\Conditions\PregnancyPelvicGirdlePain;
use BuoyantStep\Core\Limits\Conditions\ProstateSurgery;
use BuoyantStep\Core\Limits\Conditions\RetinopathySevere;
use BuoyantStep\Core\Limits\Conditions\RheumatoidArthritis;
use BuoyantStep\Core\Limits\Conditions\RotatorCuffPain;
use BuoyantStep\Core\Limits\Conditions\ShoulderSurgery;
use BuoyantStep\Core\Limits\Conditions\SpinalCordInjuryHigh;
use BuoyantStep\Core\Limits\Conditions\SpinalCordInjuryLow;
use BuoyantStep\Core\Limits\Conditions\SpinalStenosis;
use BuoyantStep\Core\Limits\Conditions\SpinalSurgery;
use BuoyantStep\Core\Limits\Conditions\Sternotomy;
use BuoyantStep\Core\Limits\Conditions\StrokeHemiparesis;
use BuoyantStep\Core\Limits\Conditions\UnstableHeart;
use BuoyantStep\Core\Limits\Conditions\ValveOrAorticDisease;
use BuoyantStep\Core\Limits\Conditions\WheelchairUser;

/** Every condition there are rules for. A new one is a class and a line here; the class says all else about itself. */
final class AllConditions
{
    /** @return list<ConditionRules> by group, each group in the order of the intake */
    public static function all(): array
    {
        return array_values([
            ...self::agesHeartAndLungs(), ...self::nervesAndBones(), ...self::surgeryCancerAndPelvis(),
        ]);
    }

    /** @return iterable<ConditionRules> */
    private static function agesHeartAndLungs(): iterable
    {
        return [
            new OlderAdultNew,
            new FallsRiskHigh,
            new HypertensionControlled,
            new CoronaryDisease,
            new UnstableHeart,
            new AtrialFibrillation,
            new PeripheralArteryDisease,
            new HeartFailure,
            new DevicePacemakerIcd,
            new ValveOrAorticDisease,
            new Sternotomy,
            new BetaBlocker,
            new Anticoagulant,
            new OrthostaticDrop,
            new ChronicLungDisease,
            new Diabetes,
            new DiabetesGlucoseLowering,
            new RetinopathySevere,
            new PeripheralNeuropathy,
            new AutonomicNeuropathy,
            new ChronicKidneyDisease,
            new DialysisFistula,
        ];
    }

    /** @return iterable<ConditionRules> */
    private static function nervesAndBones(): iterable
    {
        return [
            new StrokeHemiparesis,
            new Parkinsons,
            new MultipleSclerosis,
            new SpinalCordInjuryHigh,
            new SpinalCordInjuryLow,
            new WheelchairUser,
            new InsensateSkin,
            new Epilepsy,
            new Dizziness,
            new LowVision,
            new CognitiveImpairment,
            new Glaucoma,
            new Osteoporosis,
            new Osteopenia,
            new OsteoarthritisHip,
            new OsteoarthritisKnee,
            new RheumatoidArthritis,
            new LowBackPain,
            new SpinalStenosis,
            new RotatorCuffPain,
            new LimbLoss,
            new HandFunctionNone,
            new HandFunctionWeak,
        ];
    }

    /** @return iterable<ConditionRules> */
    private static function surgeryCancerAndPelvis(): iterable
    {
        return [
            new HipReplacementPosterior,
            new HipReplacementAnterior,
            new KneeReplacement,
            new ShoulderSurgery,
            new SpinalSurgery,
            new AbdominalSurgery,
            new BreastSurgery,
            new ProstateSurgery,
            new FractureHealing,
            new Cancer,
            new Lymphedema,
            new BoneMetastasis,
            new PlateletsLow,
            new Hernia,
            new Ostomy,
            new PelvicOrganProlapse,
            new PregnancyDoming,
            new PregnancyPelvicGirdlePain,
            new PregnancyLightHeaded,
            new PregnancyPelvicFloorSymptoms,
            ...PregnancyContraindication::all(),
            new LatexAllergy,
            new PostExertionalFatigue,
            new OtherCondition,
        ];
    }
}
