<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Units\Day;

/** A date ahead that tightens, with what each exercise that will no longer fit would be from then on. */
final readonly class Then
{
    /**
     * @param  list<string>  $says  what comes on that day
     * @param  list<array{Planned, PlanItem|null}>  $changed  null where no rung of the family is left
     */
    public function __construct(public Day $date, public array $says, public array $changed)
    {
    }
}
