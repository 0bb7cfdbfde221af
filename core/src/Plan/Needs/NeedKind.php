<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Needs;

/** Where a need comes from; in the order in which needs are met. */
enum NeedKind: string
{
    /** A goal of daily life. */
    case Goal = 'goal';

    /** What a condition, a measure or the body of now asks for. */
    case Flag = 'flag';

    /** A pattern that every programme has. */
    case Cover = 'cover';
}
