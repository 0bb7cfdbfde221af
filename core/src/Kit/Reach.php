<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/** From the least to the most of something that can be chosen: a force in newtons, a length in millimetres. */
final readonly class Reach
{
    public function __construct(public float $least, public float $most)
    {
    }

    /** Is it within, but for a rounding? */
    public function has(float $n): bool
    {
        return $n >= $this->least - 1e-9 && $n <= $this->most + 1e-9;
    }
}
