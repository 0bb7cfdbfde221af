<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

/** What can be planned of a rung or of a family: an exercise, or why there is none. */
final readonly class Offer
{
    private function __construct(public ?PlanItem $item, public string $why)
    {
    }

    public static function of(PlanItem $item): self
    {
        return new self($item, '');
    }

    public static function none(string $why): self
    {
        return new self(null, $why);
    }
}
