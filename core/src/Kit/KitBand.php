<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/**
 * A band of this home: its measured curve, with a free label, a material and a form. The label's colour means
 * nothing.
 */
final readonly class KitBand
{
    public function __construct(
        public string $id,
        public string $label,
        public Band $band,
        public BandMaterial $material,
        public BandForm $form,
    ) {
    }

    public function hasLatex(): bool
    {
        return $this->material === BandMaterial::Latex;
    }
}
