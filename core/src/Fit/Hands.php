<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Vocabulary\GripClass;

/** What the hands must do. */
final readonly class Hands
{
    /** @param  bool  $carryBody  do they carry part of the body? A lift limit then asks how much */
    public function __construct(public GripClass $grip = GripClass::None, public bool $carryBody = false)
    {
    }

    public function aided(): self
    {
        return new self(GripClass::None, $this->carryBody);
    }

    /** The same where they are known to carry no more than they may. */
    public function withinLimit(): self
    {
        return new self($this->grip);
    }
}
