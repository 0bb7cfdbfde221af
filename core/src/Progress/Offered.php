<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use JsonSerializable;

/** What else could move where a lever is closed: another lever of the same exercise, or another exercise. */
final readonly class Offered implements JsonSerializable
{
    /**
     * @param  string  $lever  sets, tempo, deload, retest, family or purchase
     * @param  Dose|null  $dose  the dose it would be, where it is one
     * @param  string|null  $family  the other exercise, with its rung
     */
    public function __construct(
        public string $lever,
        public string $says,
        public ?Dose $dose = null,
        public ?string $family = null,
        public ?string $rung = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return array_filter([
            'lever' => $this->lever, 'says' => $this->says, 'dose' => $this->dose, 'family' => $this->family,
            'rung' => $this->rung,
        ], static fn (mixed $v): bool => $v !== null);
    }
}
