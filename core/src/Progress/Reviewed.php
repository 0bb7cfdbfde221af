<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Exercises\Rung;

/** A proposal and the rung it is for. */
final readonly class Reviewed
{
    public function __construct(public Proposal $proposal, public Rung $rung)
    {
    }
}
