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
     * @param  Lever|null  $lever  what moves; null when nothing does
     * @param  list<Reason>  $because
     * @param  list<Offered>  $offers  what else could move where this lever is closed
     */
    public function __construct(
        public Decision $decision,
        public ?Lever $lever,
        public Dose $dose,
        public array $because,
        public ?Bridge $bridge = null,
        public string $otherwise = '',
        public bool $review = false,
        public array $offers = [],
    ) {
    }

    /** @param  list<Reason>  $more */
    public function withDose(Dose $dose, array $more): self
    {
        return new self(
            $this->decision, $this->lever, $dose, [...$this->because, ...$more], $this->bridge, $this->otherwise,
            $this->review, $this->offers,
        );
    }

    /** @param  list<Offered>  $offers */
    public function offering(array $offers): self
    {
        return new self(
            $this->decision, $this->lever, $this->dose, $this->because, $this->bridge, $this->otherwise, $this->review,
            [...$this->offers, ...$offers],
        );
    }

    /** The same, with something that a clinician should look at. */
    public function toLookAt(Reason $why): self
    {
        return new self(
            $this->decision, $this->lever, $this->dose, [...$this->because, $why], $this->bridge, $this->otherwise,
            true, $this->offers,
        );
    }

    /** The same exercise as it is, for one more reason. */
    public function held(Dose $dose, Reason $why, string $otherwise): self
    {
        return new self(
            Decision::Stay, null, $dose, [...$this->because, $why], null, $otherwise, $this->review, $this->offers,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $out = [
            'decision' => $this->decision->value, 'lever' => $this->lever?->value, 'dose' => $this->dose,
            'because' => $this->because,
        ];
        if ($this->bridge !== null) {
            $out['bridge'] = $this->bridge;
        }
        $out['offers'] = $this->offers;

        return $out;
    }
}
