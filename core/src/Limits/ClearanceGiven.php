<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Day;

/** A clearance on record: the day it was given, and the last day it runs; null runs on. */
final readonly class ClearanceGiven
{
    public function __construct(public Day $on, public ?Day $until = null)
    {
    }

    public function runs(Day $on): bool
    {
        return ! $this->on->isAfter($on) && ($this->until === null || ! $this->until->isBefore($on));
    }
}
