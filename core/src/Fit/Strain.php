<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Vocabulary\BreathTemptation;

/** How hard an exercise is on the body. What only a dose fixes is null until there is one. */
final readonly class Strain
{
    /**
     * @param  int  $impact  0 none, 1 stamp or heel drop, 2 hop or drop, 3 jump
     * @param  int|null  $holdS  seconds of one hard hold
     * @param  float|null  $loadPct  percent of the 1RM
     * @param  float|null  $effort  0 to 10
     */
    public function __construct(
        public int $impact = 0,
        public BreathTemptation $breath = BreathTemptation::Low,
        public ?int $holdS = null,
        public ?float $loadPct = null,
        public ?float $effort = null,
    ) {
    }

    /** A lighter share of the 1RM tempts nobody to hold the breath; the effort is then the dose's to find. */
    public function lightenedTo(int $percent): self
    {
        $load = $this->loadPct === null ? null : min($this->loadPct, (float) $percent);

        return new self($this->impact, BreathTemptation::Low, $this->holdS, $load);
    }

    public function holdingFor(int $seconds): self
    {
        $hold = $this->holdS === null ? null : min($this->holdS, $seconds);

        return new self($this->impact, $this->breath, $hold, $this->loadPct, $this->effort);
    }
}
