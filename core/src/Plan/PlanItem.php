<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;

/** One exercise of a session: which rung, for what, how much, on which sides, and with which changes. */
final readonly class PlanItem
{
    public Family $family;

    public Rung $rung;

    /** @var list<Change> */
    public array $changes;

    /** How the load is made, or the band set up, in words; null where neither is used. */
    public ?string $recipe;

    /** @param  list<Side>  $sides  the leading side first; [both] when done once */
    public function __construct(
        public RungHere $here,
        public Goal $goal,
        public Dose $dose,
        public Dosing $dosing,
        public array $sides,
        public ?BandFit $band = null,
        private ?string $byFeel = null,
    ) {
        $this->family = $here->family;
        $this->rung = $here->rung;
        $this->changes = $here->changes($sides);
        $this->recipe = $band?->recipe() ?? $byFeel ?? $dosing->recipe($here->situation->kit);
    }

    /** Is there less of the exercise than it has by itself? */
    public function isLessened(): bool
    {
        return array_filter($this->changes, static fn (Change $c): bool => $c->kind->lessens()) !== [];
    }

    public function withDosing(Dosing $dosing): self
    {
        return new self($this->here, $this->goal, $this->dose, $dosing, $this->sides, $this->band, $this->byFeel);
    }

    public function withDose(Dose $dose): self
    {
        return new self($this->here, $this->goal, $dose, $this->dosing, $this->sides, $this->band, $this->byFeel);
    }
}
