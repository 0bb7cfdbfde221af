<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Units\Mass;

/** Every makeable load of one holding, ascending; for each_hand the load of one hand. */
final readonly class Ladder
{
    /** @param  list<Makeable>  $loads ascending by load */
    public function __construct(public Holding $holding, public array $loads)
    {
    }

    /** @return list<int> every load up to the cap, grams */
    public function grams(?int $capG = null): array
    {
        $grams = [];
        foreach ($this->loads as $load) {
            if ($capG === null || $load->loadG <= $capG) {
                $grams[] = $load->loadG;
            }
        }

        return $grams;
    }

    /** The makeable load nearest the target and not over the cap; of two as near, the lighter. */
    public function best(float $targetG, ?int $capG): ?Makeable
    {
        $best = null;
        foreach ($this->loads as $load) {
            if ($capG !== null && $load->loadG > $capG) {
                break;
            }
            if ($best === null || abs($load->loadG - $targetG) < abs($best->loadG - $targetG)) {
                $best = $load;
            }
        }

        return $best;
    }

    public function above(int $loadG): ?Makeable
    {
        foreach ($this->loads as $load) {
            if ($load->loadG > $loadG) {
                return $load;
            }
        }

        return null;
    }

    public function below(int $loadG): ?Makeable
    {
        $found = null;
        foreach ($this->loads as $load) {
            if ($load->loadG >= $loadG) {
                break;
            }
            $found = $load;
        }

        return $found;
    }

    public function at(int $loadG): ?Makeable
    {
        foreach ($this->loads as $load) {
            if ($load->loadG === $loadG) {
                return $load;
            }
        }

        return null;
    }

    /** The load that was meant by one typed as it was shown, to ten grams: the nearest of those as good as alike. */
    public function alike(int $loadG): ?Makeable
    {
        $near = $this->best($loadG, $loadG + Mass::ALIKE_G);

        return $near !== null && abs($near->loadG - $loadG) <= Mass::ALIKE_G ? $near : null;
    }

    public function lightest(): ?Makeable
    {
        return $this->loads[0] ?? null;
    }
}
