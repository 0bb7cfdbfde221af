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

    /** Pulled on a scale at one length at least; without it nobody knows what it pulls. */
    public function isMeasured(): bool
    {
        return count($this->band->curve()) > 1;
    }

    /** Folded in the middle; a loop is two strands already. */
    public function doubled(): ?self
    {
        return $this->form === BandForm::Loop
            ? null
            : new self($this->id, $this->label.', doubled', $this->band->folded(), $this->material, $this->form);
    }

    public function mayHoldLatex(): bool
    {
        return $this->material->mayHoldLatex();
    }
}
