<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Body;

use BuoyantStep\Core\Units\Mass;

/**
 * What an exercise really lifts: the moved share of the body plus the share of the added load that lies there.
 * Estimate,
 * percent and step are taken of it, so that 1 kg more in a seat rise is a small step and not a doubling. Where
 * nothing of
 * the body is moved it is the load as it is counted, in one hand or in all.
 */
final readonly class SystemLoad
{
    /**
     * @param  float  $bodyG  grams of the body that move; 0 where only the load does
     * @param  float  $share  of the added load that lies there, above 0
     * @param  int  $times  how often the load is there: 2 for one in each hand, where the body is moved
     */
    public function __construct(public float $bodyG = 0.0, private float $share = 1.0, private int $times = 1)
    {
    }

    /** Held or worn by a body of so many kilograms that is moved. */
    public static function moving(Moves $moves, float $bodyMassKg, int $times = 1): self
    {
        return new self($moves->share() * $bodyMassKg * 1000, 1.0, $times);
    }

    /** A pack on the back of a push-up takes the same share as the body. */
    public static function pushUp(float $onHandsG, float $bodyMassKg): self
    {
        return new self($onHandsG, $onHandsG / ($bodyMassKg * 1000), 1);
    }

    public function movesBody(): bool
    {
        return $this->bodyG > 0;
    }

    /** Grams in all with this load; the load is counted in one hand for each_hand. */
    public function with(?int $loadG): float
    {
        return $this->bodyG + $this->share * $this->times * ($loadG ?? 0);
    }

    /** The load that makes so much in all, grams; below zero where the body alone is more. */
    public function loadFor(float $systemG): float
    {
        return ($systemG - $this->bodyG) / ($this->share * $this->times);
    }

    /** How much more the second load is than the first, percent of all that is lifted. */
    public function stepPct(?int $fromG, ?int $toG): float
    {
        $from = $this->with($fromG);

        return $from > 0 ? ($this->with($toG) / $from - 1) * 100 : INF;
    }

    /** "9.5 kg held, 62 kg moved"; null where the body is not moved. */
    public function says(?int $loadG): ?string
    {
        if (! $this->movesBody()) {
            return null;
        }
        $moved = Mass::say((int) round($this->with($loadG) / 100) * 100);

        return $loadG === null
            ? $moved.' of the body moved'
            : sprintf('%s held, %s moved', Mass::say($loadG * $this->times), $moved);
    }
}
