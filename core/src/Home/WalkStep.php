<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Plan\Session\Part;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\Side;
use JsonSerializable;

/** One thing to do of a session that is led through: a set on one side, or easy minutes; then a rest. */
final readonly class WalkStep implements JsonSerializable
{
    /**
     * @param  StepKind  $kind  a set, a lighter one before it, an easy one to wake muscles up, or easy marching
     * @param  int|null  $place  of the exercise in the plan; null where none is done
     * @param  Span  $amount  of what the dose counts; seconds for easy marching
     * @param  int  $restS  afterwards, before the next; 0 after the last
     * @param  string|null  $load  in words, where it is not that of the dose
     */
    public function __construct(
        public StepKind $kind,
        public ?int $place,
        public Part $part,
        public Span $amount,
        public int $restS = 0,
        public int $set = 1,
        public int $of = 1,
        public Side $side = Side::Both,
        public ?int $piece = null,
        public ?string $load = null,
    ) {
    }

    public function restingFor(int $seconds): self
    {
        return new self(
            $this->kind, $this->place, $this->part, $this->amount, $seconds, $this->set, $this->of, $this->side,
            $this->piece, $this->load,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'kind' => $this->kind->value, 'place' => $this->place, 'part' => $this->part->value,
            'lo' => $this->amount->lo, 'hi' => $this->amount->hi, 'rest' => $this->restS, 'set' => $this->set,
            'of' => $this->of, 'side' => $this->side->value, 'piece' => $this->piece, 'load' => $this->load,
        ];
    }
}
