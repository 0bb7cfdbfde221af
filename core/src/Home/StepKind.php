<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

/** What a step of a session is. */
enum StepKind: string
{
    case Set = 'set';

    /** A lighter set before the working ones; it is not logged. */
    case Ramp = 'ramp';

    /** An easy round without a load; it is not logged. */
    case Easy = 'easy';

    /** Easy marching, for seconds. */
    case March = 'march';
}
