<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Units\Day;

/** All that a rule may look at. */
final readonly class Facts
{
    public function __construct(
        public Profile $client,
        public Day $on,
        public MeasureSet $measures = new MeasureSet,
    ) {
    }
}
