<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Limits\Limit;

/** The heaviest load allowed, in the ladder's unit, and the limit that sets it; null when nothing caps it. */
final readonly class LoadCap
{
    public function __construct(public ?int $grams = null, public ?Limit $limit = null)
    {
    }

    /** The lower of two. */
    public function or(self $other): self
    {
        return $other->grams !== null && ($this->grams === null || $other->grams < $this->grams) ? $other : $this;
    }

    public function forbids(?int $loadG): bool
    {
        return $loadG !== null && $this->grams !== null && $loadG > $this->grams;
    }

    public function says(): ?string
    {
        return $this->limit?->says;
    }
}
