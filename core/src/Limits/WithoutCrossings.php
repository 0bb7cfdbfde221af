<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;

/** For a condition whose limits change on no date of their own. */
trait WithoutCrossings
{
    /** @return iterable<Crossing> */
    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return [];
    }
}
