<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Vocabulary\Side;

/** The part of a dose that something is said about. */
enum DoseField: string
{
    case Sets = 'sets';
    case AmountLo = 'amount_lo';
    case AmountHi = 'amount_hi';
    case EffortHi = 'effort_hi';
    case Rest = 'rest_s';
    case Load = 'load';
    case Hold = 'hold_s';
    case Pull = 'pull';
    case LeftAmount = 'left_hi';
    case RightAmount = 'right_hi';
    case LeftLoad = 'left_load';
    case RightLoad = 'right_load';
    case LeftPull = 'left_pull';
    case RightPull = 'right_pull';

    /** The same of one side, where the sides differ in it. */
    public function on(Side $side): self
    {
        $left = $side === Side::Left;

        return match (true) {
            $side === Side::Both => $this,
            $this === self::AmountHi => $left ? self::LeftAmount : self::RightAmount,
            $this === self::Load => $left ? self::LeftLoad : self::RightLoad,
            $this === self::Pull => $left ? self::LeftPull : self::RightPull,
            default => $this,
        };
    }
}
