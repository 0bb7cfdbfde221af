<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

/** Temperature in °C, weight in kilograms, skin at the contacts, and whether the limb is swollen or larger. */
final readonly class Bodily
{
    public function __construct(
        public ?float $tempC = null,
        public ?float $weightKg = null,
        public ?bool $skinOk = null,
        public ?bool $limbChange = null,
    ) {
    }
}
