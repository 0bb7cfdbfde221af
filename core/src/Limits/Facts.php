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
    /** @param  list<ConditionTrait>  $traits  what follows from the conditions and from who the client is */
    public function __construct(
        public Profile $client,
        public Day $on,
        public MeasureSet $measures = new MeasureSet,
        private array $traits = [],
    ) {
    }

    /** @param  list<ConditionTrait>  $traits */
    public function with(array $traits): self
    {
        return new self($this->client, $this->on, $this->measures, $traits);
    }

    public function is(ConditionTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }
}
