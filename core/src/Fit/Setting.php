<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Scope;

/** What an exercise needs around the body, and what touches the skin. */
final readonly class Setting
{
    /**
     * @param  list<Material>  $materials
     * @param  array<string, list<Scope>>  $sites  where a material touches; unnamed, where the exercise works
     */
    public function __construct(
        public bool $floorTransfer = false,
        public bool $anchor = false,
        public bool $spotter = false,
        public array $materials = [],
        private array $sites = [],
    ) {
    }

    /** @return list<Scope> where it touches the skin */
    public function touches(Material $material, Scope $work): array
    {
        return $this->sites[$material->value] ?? [$work];
    }

    /** @param  array<string, list<Scope>>  $sites  by material */
    public function touching(array $sites): self
    {
        return new self($this->floorTransfer, $this->anchor, $this->spotter, $this->materials, $sites);
    }

    /** The same with a pad below every strap and edge. */
    public function padded(): self
    {
        $left = [];
        foreach ($this->materials as $material) {
            if ($material !== Material::HardEdge) {
                $left[] = $material === Material::TightStrap ? Material::PaddedStrap : $material;
            }
        }

        return new self($this->floorTransfer, $this->anchor, $this->spotter, $left, $this->sites);
    }

    /** @param  callable(Material): bool  $gone  materials that no longer touch the skin */
    public function without(callable $gone): self
    {
        $left = array_values(array_filter($this->materials, static fn (Material $m): bool => ! $gone($m)));

        return new self($this->floorTransfer, $this->anchor, $this->spotter, $left, $this->sites);
    }
}
