<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Limits\Limit;

/** The heaviest load allowed, in the ladder's unit, and the limit that sets it; null when nothing caps it. */
final readonly class LoadCap
{
    public function __construct(public ?int $grams, public ?Limit $limit)
    {
    }

    public function says(): ?string
    {
        return $this->limit === null ? null : $this->limit->says;
    }
}
