<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

/** One field of the envelope that bears on a dose. One class each in Rules/, registered once in DoseLimits. */
interface DoseRule
{
    /** The dose as this limit has it; what was cut is said. */
    public function cut(Dose $dose, DoseLimits $limits, Reasons $because): Dose;

    /** @return iterable<Breach> what of a dose, typed or proposed, this limit does not allow */
    public function breaches(Dose $dose, DoseLimits $limits): iterable;
}
