<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Units\Span;

/** How a goal is spread: seconds of rest between sets, tempo (lowering-bottom-lifting-top), days a week. */
final readonly class Pace
{
    public function __construct(public int $restS, public string $tempo, public Span $days)
    {
    }
}
