<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/** Rules that follow from who the client is rather than from a named condition: defaults, function, pregnancy. */
interface StandingRules
{
    /** @return list<Limit> */
    public function limits(Facts $facts): array;

    /** @return list<Crossing> */
    public function crossings(Facts $facts): array;
}
