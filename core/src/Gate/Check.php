<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

/** One reading or sign before a session. One class each in Checks/, registered once in Gate. */
interface Check
{
    /** @return iterable<Finding> what this asks for; nothing when all is well or nothing was entered */
    public function findings(Arrival $at): iterable;
}
