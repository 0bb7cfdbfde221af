<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Search;

/** A family that answers what was typed. */
final readonly class Found
{
    /**
     * @param  string  $why  what led to it, in words; "" where its own name did
     * @param  list<string>  $rungs  codes of the rungs that were meant, easiest first; all of them where the family was
     */
    public function __construct(
        public string $family,
        public string $name,
        public string $pattern,
        public float $score,
        public string $why,
        public array $rungs,
    ) {
    }
}
