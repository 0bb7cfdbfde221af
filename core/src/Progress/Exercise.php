<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Pulls;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;

/** One exercise of a plan with what was done of it, as it is reviewed. */
final readonly class Exercise
{
    /**
     * @param  list<Performed>  $history  of this very rung
     * @param  string|null  $school  chosen for this exercise; the clinic's where none was
     * @param  Day|null  $asked  when a measure was last asked for
     */
    public function __construct(
        public RungHere $here,
        public Goal $goal,
        public Dose $dose,
        public array $history,
        public ?string $school = null,
        public ?Day $asked = null,
    ) {
    }

    /** Does each side go at its own pace? */
    public function isApart(): bool
    {
        return count($this->here->openSides()) > 1 && ($this->dose->isApart() || $this->here->sidesApart());
    }

    /** The same of one side: its dose, its sets, its limits. */
    public function onSide(Side $side): self
    {
        return new self(
            $this->here->onSide($side), $this->goal, $this->dose->on($side),
            Performed::allOn($side, $this->history), $this->school, $this->asked,
        );
    }

    public function limits(): DoseLimits
    {
        return DoseLimits::of($this->here, $this->goal, $this->history);
    }

    public function estimate(): ?Estimate
    {
        return $this->here->estimate($this->history);
    }

    public function course(): Course
    {
        $situation = $this->here->situation;

        return new Course(
            $this->dose, $this->history, $situation->on, $situation->client, $this->limits(),
            $this->dose->pullN === null ? $this->here->ladder()?->grams() : Pulls::of($this->here)->grams(),
            $this->goesByFeel(),
        );
    }

    /** A band of which nobody knows what it pulls. */
    public function goesByFeel(): bool
    {
        return $this->here->rung->work->band !== null && $this->dose->pullN === null;
    }

    /** Is there no estimate that its load could be taken from? A rough one sets a target as well. */
    public function isUnmeasured(): bool
    {
        return $this->dose->resistanceG() !== null && ($this->limits()->isBlind() || $this->estimate() === null);
    }

    /** Was a measure asked for within so many days? */
    public function wasAskedWithin(int $days): bool
    {
        return $this->asked !== null && $this->asked->daysTo($this->here->situation->on) < $days;
    }
}
