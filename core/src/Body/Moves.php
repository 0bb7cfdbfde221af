<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Body;

/**
 * What part of the body an exercise lifts along with its load, as a share of body mass on the working limb or limbs.
 * Seat rise and squat 0.9 (Alcazar 2018); step-up 0.94, all but the standing foot and shank, and heel raise 0.97, all
 * but the feet (Winter 2009); bridge 0.55 (house convention). A push-up has a figure of its own for each slope.
 */
enum Moves: string
{
    case Rise = 'rise';
    case StepUp = 'step_up';
    case HeelRaise = 'heel_raise';
    case Bridge = 'bridge';

    /** 0 to 1 of body mass. */
    public function share(): float
    {
        return match ($this) {
            self::Rise => 0.9,
            self::StepUp => 0.94,
            self::HeelRaise => 0.97,
            self::Bridge => 0.55,
        };
    }
}
