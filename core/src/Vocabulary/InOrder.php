<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** For an enum whose cases are written from free to tight. */
trait InOrder
{
    public function tightness(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function atLeast(self $other): bool
    {
        return $this->tightness() >= $other->tightness();
    }
}
