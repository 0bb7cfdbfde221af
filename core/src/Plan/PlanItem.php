<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Reason;
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

    /**
     * @param  list<Side>  $sides  the leading side first; [both] when done once
     * @param  list<Reason>  $why  what it is in for, and why on this rung
     */
    public function __construct(
        public RungHere $here,
        public Goal $goal,
        public Dose $dose,
        public Dosing $dosing,
        public array $sides,
        public ?BandFit $band = null,
        private ?string $byFeel = null,
        public array $why = [],
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
        return $this->with($this->dose, $dosing, $this->why);
    }

    public function withDose(Dose $dose): self
    {
        return $this->with($dose, $this->dosing, $this->why);
    }

    /** The same with the dose that it has been done with, and how that is made. */
    public function keeping(Dose $dose): self
    {
        $recipe = Drafter::recipe($this->here, $this->goal, $dose);

        return new self($this->here, $this->goal, $dose, $this->dosing, $this->sides, null, $recipe, $this->why);
    }

    /** @param  list<Reason>  $why  before what is known of the rung already */
    public function because(array $why): self
    {
        return $this->with($this->dose, $this->dosing, [...$why, ...$this->why]);
    }

    /** @param  list<Reason>  $why */
    private function with(Dose $dose, Dosing $dosing, array $why): self
    {
        return new self($this->here, $this->goal, $dose, $dosing, $this->sides, $this->band, $this->byFeel, $why);
    }

    /** @return list<Reason> the whole chain: what it is in for, why this rung, and how its dose came about */
    public function reasons(): array
    {
        return [...$this->why, ...$this->dosing->because];
    }
}
