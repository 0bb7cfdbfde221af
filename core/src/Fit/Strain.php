<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\WhichSide;

/** How hard an exercise is on the body. What only a dose fixes is null until there is one. */
final readonly class Strain
{
    /** The hardest at which somebody still counts aloud, of 10. House convention. */
    public const COUNTED_EFFORT = 5.0;

    /**
     * @param  int  $impact  0 none, 1 stamp or heel drop, 2 hop or drop, 3 jump
     * @param  int|null  $holdS  seconds of one hard hold
     * @param  float|null  $loadPct  percent of the 1RM
     * @param  float|null  $effort  0 to 10
     * @param  list<Region>  $loads  the parts of the body that a load from outside goes through; none without one
     * @param  WhichSide  $loadedSide  of the limb that takes it first
     * @param  list<Region>  $presses  parts that press or pull against each other: a load without a weight
     * @param  WhichSide|null  $carries  in which hand there is a thing with a weight of its own: a cup, a mug, a basket
     */
    public function __construct(
        public int $impact = 0,
        public BreathTemptation $breath = BreathTemptation::Low,
        public ?int $holdS = null,
        public ?float $loadPct = null,
        public ?float $effort = null,
        public SpineLoad $spine = SpineLoad::Low,
        public array $loads = [],
        public WhichSide $loadedSide = WhichSide::Both,
        public array $presses = [],
        public ?WhichSide $carries = null,
    ) {
    }

    /** A lighter share of the 1RM tempts nobody to hold the breath; the effort is then the dose's to find. */
    public function lightenedTo(int $percent): self
    {
        $load = $this->loadPct === null ? null : min($this->loadPct, (float) $percent);

        return $this->with(BreathTemptation::Low, $this->holdS, $load, null);
    }

    public function holdingFor(int $seconds): self
    {
        $hold = $this->holdS === null ? null : min($this->holdS, $seconds);

        return $this->with($this->breath, $hold, $this->loadPct, $this->effort);
    }

    /** Who counts aloud does not hold the breath, and goes no harder than they can count. */
    public function countedAloud(): self
    {
        $effort = min($this->effort ?? self::COUNTED_EFFORT, self::COUNTED_EFFORT);

        return $this->with(BreathTemptation::Low, $this->holdS, $this->loadPct, $effort);
    }

    /** @param  list<Region>  $parts */
    public function loading(array $parts, WhichSide $side): self
    {
        return new self(
            $this->impact, $this->breath, $this->holdS, $this->loadPct, $this->effort, $this->spine, $parts, $side,
            $this->presses, $this->carries,
        );
    }

    public function isLoaded(): bool
    {
        return $this->loads !== [] || $this->loadPct !== null;
    }

    /** At which side the hand holds the load; the side that works where no load is held. */
    public function heldOn(): WhichSide
    {
        return ($this->loads[0] ?? null) === Region::Upper ? $this->loadedSide : WhichSide::Working;
    }

    /** @return list<Scope> what a load from outside goes through, once it is known which side works */
    public function loaded(Side $working): array
    {
        $scopes = [];
        foreach ($this->loads as $i => $region) {
            $scopes[] = new Scope($region, $i === 0 ? $this->loadedSide->when($working) : Side::Both);
        }

        return $scopes;
    }

    /** @return list<Scope> all that is loaded: by a weight, by what it carries, or by pressing against itself */
    public function strained(Side $working): array
    {
        return [
            ...$this->loaded($working),
            ...array_map(static fn (Region $r): Scope => new Scope($r, Side::Both), $this->presses),
            ...$this->carries === null ? [] : [new Scope(Region::Upper, $this->carries->when($working))],
        ];
    }

    private function with(BreathTemptation $breath, ?int $holdS, ?float $loadPct, ?float $effort): self
    {
        return new self(
            $this->impact, $breath, $holdS, $loadPct, $effort, $this->spine, $this->loads, $this->loadedSide,
            $this->presses, $this->carries,
        );
    }
}
