<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Plan\Session\Shape;

/** What the client and the clinician want the plan to be: aim, days and minutes, and what it is to hold. */
final readonly class Wishes
{
    /** @param  list<int>  $days 1 Monday to 7 Sunday */
    public function __construct(
        public Aim $aim = Aim::Strength,
        public array $days = [2, 5],
        public int $minutes = 30,
        public Structure $structure = Structure::Circuit,
        public Preferences $prefers = new Preferences,
        public Shape $shape = new Shape,
        public ?BlockWish $block = null,
    ) {
    }

    public function shaped(Shape $shape): self
    {
        return new self(
            $this->aim, $this->days, $this->minutes, $this->structure, $this->prefers, $shape, $this->block,
        );
    }
}
