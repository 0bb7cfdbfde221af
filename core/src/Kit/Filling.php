<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/** What a carrier holds, read out when it is asked for: a rich kit makes thousands of loads, and few are looked at. */
final readonly class Filling
{
    /** @param  int  $batch  pieces in one step: two for the plates of a handle */
    public function __construct(private PackingSums $sums, private int $sumG, private int $batch)
    {
    }

    /** @return array<string, int> piece id to count */
    public function parts(): array
    {
        return array_map(fn (int $n): int => $n * $this->batch, $this->sums->recipe($this->sumG));
    }
}
