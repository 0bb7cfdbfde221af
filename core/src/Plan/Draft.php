<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Plan\Days\OnDays;

/** A drafted session, with what had to be left out and why. */
final readonly class Draft
{
    /**
     * @param  list<PlanItem>  $items  in the order of the session
     * @param  list<LeftOut>  $left  patterns not covered, each with its reason
     * @param  list<string>  $trims  what was shortened to fit the minutes
     * @param  list<OnDays>  $on  as many as there are exercises
     */
    public function __construct(
        public array $items,
        public int $seconds,
        public array $left,
        public array $trims,
        public array $on,
    ) {
    }
}
