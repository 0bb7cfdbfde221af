<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

/** The upright rectangle round what is drawn, in body heights. */
final readonly class Bounds
{
    public function __construct(
        public float $left = 0.0,
        public float $bottom = 0.0,
        public float $right = 0.0,
        public float $top = 0.0,
    ) {
    }

    /** @param  list<self>  $all */
    public static function around(array $all): self
    {
        return $all === [] ? new self : new self(
            min(array_map(static fn (self $b): float => $b->left, $all)),
            min(array_map(static fn (self $b): float => $b->bottom, $all)),
            max(array_map(static fn (self $b): float => $b->right, $all)),
            max(array_map(static fn (self $b): float => $b->top, $all)),
        );
    }
}
