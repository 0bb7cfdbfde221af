<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Vocabulary\Side;

/** What binds each side of an exercise by itself; worked out only for a dose whose sides differ. */
final readonly class Sides
{
    /** @param  list<Performed>  $history */
    public function __construct(private RungHere $here, private ?Goal $goal, private array $history)
    {
    }

    public function limits(Side $side): DoseLimits
    {
        return DoseLimits::of($this->here->onSide($side), $this->goal, Performed::allOn($side, $this->history));
    }
}
