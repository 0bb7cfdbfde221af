<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/**
 * What follows from a condition, or from who the client is, beside its limits. Whoever needs it asks for this, never
 * for a code.
 */
enum ConditionTrait
{
    /**
     * 80 or older, high falls risk, a broken vertebra, a failing heart, an opened breastbone, cancer under treatment,
     * or alone and unable to rise from the floor.
     */
    case Fragile;

    /** A gentler first block that no clinician has called over. */
    case FirstBlock;

    case KnownHypertension;

    case KnownAtrialFibrillation;

    /** Steps come from a clinician's hand alone, never by rule. */
    case StepsByHand;

    case LungDisease;

    /** A pressure 20 over the own usual is an emergency that begins: the gate holds it against the usual. */
    case Dysreflexia;

    /** Pressure may drop on standing: it is read lying and standing. */
    case DropsOnStanding;

    /** Weight that goes up fast is water. */
    case HoldsFluid;

    case FragileBone;

    case UsesWheels;

    case LongStandingJointPain;

    /** Before anything is measured, the lightest load there is. */
    case LightestStart;

    /** A wound, a bone or a joint is healing: no pain is accepted. */
    case Healing;

    /** One side is weaker: it leads, and each side goes at its own pace. */
    case WeakSide;

    /** A cap on the share of the 1RM rises only on what a clinician measured, never on what was logged. */
    case CapWaits;

    /** A programme trains what catches a fall. */
    case Falls;

    /** Breath, not muscle, ends a set: the legs come first, arms overhead last. */
    case ShortOfBreath;

    /** A leg, an arm or the back hurts: its exercises start easier. */
    case SoreLeg;

    case SoreArm;

    case SoreBack;

    /** Heart, lungs or pressure: no session begins without a warm-up. */
    case NeedsWarmUp;
}
