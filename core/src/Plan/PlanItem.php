<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;

/** One exercise of a session: which rung, for what, how much, on which sides, and with which changes. */
final readonly class PlanItem
{
    /**
     * @param  list<Side>  $sides  the leading side first; [both] when done once
     * @param  list<array{change: string, says: string}>  $changes
     */
    public function __construct(
        public Family $family,
        public Rung $rung,
        public Goal $goal,
        public Dose $dose,
        public Dosing $dosing,
        public array $sides,
        public array $changes,
        public ?string $recipe,
        public ?BandFit $band = null,
    ) {
    }

    public function withDose(Dose $dose): self
    {
        return new self($this->family, $this->rung, $this->goal, $dose, $this->dosing, $this->sides, $this->changes, $this->recipe, $this->band);
    }
}
