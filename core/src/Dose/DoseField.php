<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

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
}
