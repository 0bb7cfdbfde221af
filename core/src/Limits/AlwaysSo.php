<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Day;

/** For rules that hold from the beginning and change on no date of their own. */
trait AlwaysSo
{
    public function since(Facts $facts): ?Day
    {
        return null;
    }

    /** @return iterable<Crossing> */
    public function crossings(Facts $facts): iterable
    {
        return [];
    }
}
