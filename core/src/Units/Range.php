<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

/** From a least to a most value, both ends included; the unit is that of what it is a range of. */
final readonly class Range
{
    public function __construct(public float $min, public float $max)
    {
    }
}
