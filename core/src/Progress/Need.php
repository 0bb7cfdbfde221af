<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

/** One thing a client needs from the clinician today. Lower rank comes first. */
final readonly class Need
{
    /** @param  string  $mark stop, look, up, ease or quiet */
    public function __construct(
        public string $mark,
        public int $rank,
        public string $says,
        public string $stage,
    ) {
    }
}
