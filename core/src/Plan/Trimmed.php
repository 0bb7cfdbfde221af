<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

/** A session cut to its minutes, with what was shortened and what was left out. */
final readonly class Trimmed
{
    /**
     * @param  list<PlanItem>  $items  most important first
     * @param  list<string>  $trims  in words
     * @param  list<LeftOut>  $left
     */
    public function __construct(public array $items, public array $trims, public array $left)
    {
    }
}
