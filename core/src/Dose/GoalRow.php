<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Units\Span;

/** One row of the goals table: amount is reps, or seconds for holds, balance and warm-up. */
final readonly class GoalRow
{
    public function __construct(
        public Span $sets,
        public Span $amount,
        public Span $effort,
        public ?Span $percent,
        public Pace $pace,
        public string $source,
    ) {
    }
}
