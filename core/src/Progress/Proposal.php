<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Bridge;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Units\Reason;
use JsonSerializable;

/** What should happen next, with reasons and with what would have changed the answer. A clinician decides. */
final readonly class Proposal implements JsonSerializable
{
    /**
     * @param  string|null  $lever  load, reps, seconds, steps, trips, sets or rung; null when nothing moves
     * @param  list<Reason>  $because
     */
    public function __construct(
        public Decision $decision,
        public ?string $lever,
        public Dose $dose,
        public array $because,
        public ?Bridge $bridge = null,
        public string $otherwise = '',
        public bool $review = false,
    ) {
    }

    /** @param  list<Reason>  $more */
    public function withDose(Dose $dose, array $more): self
    {
        return new self(
            $this->decision, $this->lever, $dose, [...$this->because, ...$more], $this->bridge, $this->otherwise,
            $this->review,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $out = [
            'decision' => $this->decision->value, 'lever' => $this->lever, 'dose' => $this->dose,
            'because' => $this->because,
        ];
        if ($this->bridge !== null) {
            $out['bridge'] = $this->bridge;
        }

        return $out;
    }
}
