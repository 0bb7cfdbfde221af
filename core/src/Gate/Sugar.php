<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

/** Glucose and ketones, mmol/L. */
final readonly class Sugar
{
    public function __construct(public ?float $glucose = null, public ?float $ketones = null)
    {
    }
}
