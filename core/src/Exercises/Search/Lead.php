<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Search;

/** Where a phrase leads to. */
final readonly class Lead
{
    /**
     * @param  int  $family  its place in the index
     * @param  int  $rung  its place on the stair; -1 for the family as a whole
     * @param  float  $share  of the weight of its kind, 0 to 1
     */
    public function __construct(
        public int $family,
        public int $rung,
        public Kind $kind,
        public string $label,
        public float $share,
    ) {
    }
}
