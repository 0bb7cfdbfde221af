<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload;

/** One thing a client needs from the clinician today. Lower rank comes first. */
final readonly class Need
{
    /** @param  string  $stage  the page on which it is met */
    public function __construct(public Mark $mark, public int $rank, public string $says, public string $stage)
    {
    }
}
