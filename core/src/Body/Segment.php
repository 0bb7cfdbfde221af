<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Body;

/**
 * The one table of the body: lengths in body heights, from joint to joint. Winter 2009; where it names them, Drillis
 * and Contini as given there. Masses and centres of whole limbs stand in Limb.
 */
final class Segment
{
    public const TRUNK = 0.288;

    public const UPPER_ARM = 0.186;

    public const FOREARM = 0.146;

    /** From the wrist to the grip. */
    public const GRIP = 0.054;

    /** Shoulder to wrist. */
    public const ARM = self::UPPER_ARM + self::FOREARM;

    /** Shoulder to grip. */
    public const REACH = self::ARM + self::GRIP;

    public const THIGH = 0.245;

    public const SHANK = 0.246;

    public const LEG = self::THIGH + self::SHANK;

    public const SHOULDER_HEIGHT = 0.818;

    public const KNEE_HEIGHT = 0.285;

    public const FOOT = 0.152;

    public const HALF_SHOULDERS = 0.129;

    public const HALF_PELVIS = 0.0955;

    /** Ankle above the sole. */
    public const ANKLE = 0.039;
}
