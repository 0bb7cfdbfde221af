<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/** One load that can be made, and how: a carrier with its pieces, or one piece held directly. */
final readonly class Makeable
{
    /** @param  array<string, int>|Filling  $of  piece id to count; per hand when two are made */
    public function __construct(public int $loadG, public ?string $carrier, private array|Filling $of)
    {
    }

    /** @return array<string, int> piece id to count; per hand when two are made */
    public function parts(): array
    {
        return $this->of instanceof Filling ? $this->of->parts() : $this->of;
    }

    public function partCount(): int
    {
        return array_sum($this->parts()) + ($this->carrier === null ? 0 : 1);
    }

    /** In words for the client: "tote with 4 water bottle 0.5 L". */
    public function recipe(Kit $kit): string
    {
        $parts = [];
        foreach ($this->parts() as $id => $count) {
            $parts[] = ($count > 1 ? $count.' × ' : '').$kit->label($id);
        }
        $inside = implode(', ', $parts);
        if ($this->carrier === null) {
            return $inside;
        }

        return $kit->label($this->carrier).($inside === '' ? ', empty' : ' with '.$inside);
    }
}
