<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/** The hardest pull that the limits allow at the end of a travel, newtons; null when nothing caps it. */
final readonly class BandCap
{
    public function __construct(public ?float $newtons = null, public string $says = '')
    {
    }

    public function isPassedBy(BandSetUp $setUp): bool
    {
        $end = $setUp->band->force($setUp->endMm) ?? INF;

        return $this->newtons !== null && $end > $this->newtons + 1e-9;
    }
}
