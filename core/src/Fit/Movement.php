<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\WhichSide;

/** Where the body is, what it does there, which part of it works, and which parts it cannot do without. */
final readonly class Movement
{
    /**
     * @param  list<Motion>  $motions
     * @param  list<Position>  $also  positions that come with the first: a knee that carries, a head below the hips
     * @param  array<string, WhichSide>  $sides  a motion to the side that makes it; both where it is not named
     * @param  array<string, WhichSide>  $parts  a part to the side that is needed
     */
    public function __construct(
        public Position $position,
        public array $motions,
        public Scope $part,
        public array $also = [],
        private array $sides = [],
        private array $parts = [],
    ) {
    }

    public function has(Motion $motion): bool
    {
        return in_array($motion, $this->motions, true);
    }

    /** Where a motion is made: at its joint, on the sides that make it. */
    public function placeOf(Motion $motion): Scope
    {
        $which = $this->sides[$motion->value] ?? WhichSide::Both;

        return new Scope($motion->joint(), $which->when($this->part->side));
    }

    /** @return list<Position> all positions of it; hands and knees are on the knees as well */
    public function positions(): array
    {
        $lying = $this->position->lyingFor($this->part->side);
        $knees = $this->position === Position::Quadruped ? [Position::Kneeling] : [];

        return [$lying, ...$knees, ...$this->also];
    }

    /** @return iterable<array{Part, Scope}> what it cannot do without, and on which side */
    public function needs(): iterable
    {
        foreach ($this->parts as $part => $which) {
            $needed = Part::from($part);
            yield [$needed, new Scope($needed->region(), $which->when($this->part->side))];
        }
    }

    public function needsPart(Part $part): bool
    {
        return isset($this->parts[$part->value]);
    }

    public function at(Position $position): self
    {
        return new self($position, $this->motions, $this->part, $this->also, $this->sides, $this->parts);
    }

    public function onSide(Side $side): self
    {
        $part = new Scope($this->part->region, $side);

        return new self($this->position, $this->motions, $part, $this->also, $this->sides, $this->parts);
    }

    /** The same with one motion, or one position, more. */
    public function adding(Motion|Position $more): self
    {
        $isMotion = $more instanceof Motion;
        $motions = $isMotion && ! $this->has($more) ? [...$this->motions, $more] : $this->motions;
        $also = $isMotion || in_array($more, $this->also, true) ? $this->also : [...$this->also, $more];

        return new self($this->position, $motions, $this->part, $also, $this->sides, $this->parts);
    }

    /** @param  callable(Motion): bool  $gone  motions that are no longer made */
    public function without(callable $gone): self
    {
        $left = array_values(array_filter($this->motions, static fn (Motion $m): bool => ! $gone($m)));

        return new self($this->position, $left, $this->part, $this->also, $this->sides, $this->parts);
    }

    /** The same where a part is no longer needed. */
    public function sparing(Part $part): self
    {
        $left = array_diff_key($this->parts, [$part->value => true]);

        return new self($this->position, $this->motions, $this->part, $this->also, $this->sides, $left);
    }
}
