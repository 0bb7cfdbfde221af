<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

/** How the client feels: unwell, how tired (0 to 10), slept badly. */
final readonly class Feeling
{
    public function __construct(
        public ?bool $unwell = null,
        public ?float $fatigue = null,
        public ?bool $sleptBadly = null,
    ) {
    }
}
