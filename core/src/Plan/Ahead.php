<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Units\Day;

/** A date within a week on which a plan will no longer fit as it does today, and what of it. */
final readonly class Ahead
{
    /** @param  non-empty-list<string>  $breaches */
    public function __construct(public Day $date, public array $breaches)
    {
    }

    public function says(): string
    {
        $more = count($this->breaches) - 1;

        return sprintf(
            'From %s the plan will not fit: %s%s', $this->date->label(), $this->breaches[0],
            $more > 0 ? sprintf(' (+%d more)', $more) : '',
        );
    }
}
