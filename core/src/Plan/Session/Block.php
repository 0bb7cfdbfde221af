<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Session;

/**
 * A stretch of a session that is gone through in one way: its exercises, how often, and every rest in it. What is
 * printed of it is what its seconds are counted from.
 */
final readonly class Block
{
    /**
     * @param  list<int>  $items  places in the plan, in their order
     * @param  int  $rounds  how often they are gone through; 1 where each is done with all its sets before the next
     * @param  int  $changeS  seconds from one exercise to the next
     * @param  int  $roundRestS  seconds after a round, beside the change
     * @param  list<int>  $restS  for each exercise, between its sets, where its sets follow each other; empty in rounds
     * @param  int  $aerobicMinutes  easy minutes between two rounds
     * @param  list<int>  $ramped  places of those that have a lighter set first
     * @param  int|null  $piece  which piece of the day, from 1
     */
    public function __construct(
        public Part $part,
        public array $items,
        public int $seconds,
        public int $rounds = 1,
        public int $changeS = 0,
        public int $roundRestS = 0,
        public array $restS = [],
        public int $aerobicMinutes = 0,
        public array $ramped = [],
        public ?int $piece = null,
    ) {
    }

    /** The same with the change to what follows it at once. */
    public function followed(): self
    {
        return $this->taking($this->seconds + $this->changeS, $this->piece);
    }

    public function inPiece(int $piece): self
    {
        return $this->taking($this->seconds, $piece);
    }

    private function taking(int $seconds, ?int $piece): self
    {
        return new self(
            $this->part, $this->items, $seconds, $this->rounds, $this->changeS, $this->roundRestS, $this->restS,
            $this->aerobicMinutes, $this->ramped, $piece,
        );
    }
}
