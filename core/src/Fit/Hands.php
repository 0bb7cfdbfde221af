<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\HandWeight;

/** What the hands must do. */
final readonly class Hands
{
    /**
     * @param  HandWeight  $weight  of the body on the hands; where it is full, a lift limit asks how much
     * @param  bool  $trainsGrip  the hand itself is what it trains: a weak one is trained, not excused
     */
    public function __construct(
        public GripClass $grip = GripClass::None,
        public HandWeight $weight = HandWeight::None,
        public bool $trainsGrip = false,
    ) {
    }

    public function carryBody(): bool
    {
        return $this->weight === HandWeight::Full;
    }

    public function aided(): self
    {
        return new self(GripClass::None, $this->weight, $this->trainsGrip);
    }

    /** The same where they are known to carry no more than they may. */
    public function withinLimit(): self
    {
        $weight = $this->weight === HandWeight::None ? HandWeight::None : HandWeight::Some;

        return new self($this->grip, $weight, $this->trainsGrip);
    }
}
