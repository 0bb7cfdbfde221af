<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Log;

use BuoyantStep\Core\Measures\Estimate;

/** What the sets of one rung told on one day, whichever plan it was in. */
final readonly class LoggedExercise
{
    public function __construct(public string $family, public string $rung, public Estimate $estimate)
    {
    }
}
