<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** All that a rule may look at. */
final readonly class Facts
{
    /**
     * @param  list<ConditionTrait>  $traits  what follows from the conditions and from who the client is
     * @param  list<ClearanceGiven>  $clearances  on record, newest first
     */
    public function __construct(
        public Profile $client,
        public Day $on,
        public MeasureSet $measures = new MeasureSet,
        private array $traits = [],
        public array $clearances = [],
    ) {
    }

    /** @param  list<ConditionTrait>  $traits */
    public function with(array $traits): self
    {
        return new self($this->client, $this->on, $this->measures, $traits, $this->clearances);
    }

    /** Was somebody cleared since that day, and does it still run? */
    public function isClearedSince(Day $begins): bool
    {
        foreach ($this->clearances as $given) {
            if (! $given->on->isBefore($begins) && $given->runs($this->on)) {
                return true;
            }
        }

        return false;
    }

    public function is(ConditionTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }
}
