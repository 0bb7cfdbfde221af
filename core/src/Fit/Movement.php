<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

/** Where the body is, what it does there, and which part of it works. */
final readonly class Movement
{
    /** @param  list<Motion>  $motions */
    public function __construct(public Position $position, public array $motions, public Scope $part)
    {
    }

    public function has(Motion $motion): bool
    {
        return in_array($motion, $this->motions, true);
    }

    public function at(Position $position): self
    {
        return new self($position, $this->motions, $this->part);
    }

    public function onSide(Side $side): self
    {
        return new self($this->position, $this->motions, new Scope($this->part->region, $side));
    }

    /** @param  callable(Motion): bool  $gone  motions that are no longer made */
    public function without(callable $gone): self
    {
        $left = array_values(array_filter($this->motions, static fn (Motion $m): bool => ! $gone($m)));

        return new self($this->position, $left, $this->part);
    }
}
