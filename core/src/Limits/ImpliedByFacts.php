<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;

/** A condition that follows from what was entered elsewhere, whether or not its box was ticked. */
interface ImpliedByFacts
{
    public function implied(Facts $facts): ?Condition;
}
