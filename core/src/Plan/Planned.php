<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Support;

/** One exercise of a plan as it was made earlier, perhaps under other limits and with other things at home. */
final readonly class Planned
{
    /**
     * @param  list<Side>  $sides
     * @param  list<Change>  $made  changes that the client was told of
     */
    public function __construct(
        public Family $family,
        public Rung $rung,
        public Goal $goal,
        public Dose $dose,
        public array $sides,
        public array $made,
    ) {
    }

    /** What it is to be done holding on to, with its changes. */
    public function support(): Support
    {
        $demands = array_reduce(
            $this->made, static fn (Demands $d, Change $c): Demands => $d->after($c), $this->rung->demands,
        );

        return $demands->footing->usual;
    }
}
