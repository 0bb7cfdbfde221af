<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;

/** One movement pattern for one purpose; its rungs run from easiest to hardest. */
final readonly class Family
{
    /** The turn of a family that no draft takes as long as another of its pattern will do. */
    public const LAST = 9;

    /**
     * @param  list<Rung>  $rungs easiest first
     * @param  int  $draft  its turn within the pattern when a plan is drafted, 1 first
     * @param  list<string>  $gymMachines  what people ask for by the name of a machine
     * @param  string|null  $seatedFamily  the family to use for someone who sits, when this one has no seated rung
     * @param  list<string>  $words  what it is called elsewhere, to be found by
     * @param  string|null  $copiedFrom  of a clinic's own: what it is a copy of
     * @param  list<Purpose>  $serves  what of daily life it is for, the first most of all
     */
    public function __construct(
        public string $code,
        public string $name,
        public Pattern $pattern,
        public string $purpose,
        public string $kind,
        public array $rungs,
        public int $draft = self::LAST,
        public array $gymMachines = [],
        public ?string $seatedFamily = null,
        public array $words = [],
        public array $serves = [],
        public ?string $copiedFrom = null,
    ) {
    }

    /** What all rungs of a family share is written once, under "shared"; a rung says only what differs. */
    public static function read(Bag $bag): self
    {
        $shared = $bag->optBag('shared') ?? new Bag([]);

        return new self(
            $bag->string('code'),
            $bag->string('name'),
            $bag->enum('pattern', Pattern::class),
            $bag->string('purpose'),
            $bag->string('kind'),
            array_map(static fn (Bag $rung): Rung => Rung::read($rung->over($shared)), $bag->bags('rungs')),
            $bag->optInt('draft', 1, 99) ?? self::LAST,
            $bag->strings('gym_machines'),
            $bag->optString('seated_family'),
            $bag->strings('words'),
            $bag->enums('serves', Purpose::class),
            $bag->optString('copied_from'),
        );
    }

    public function has(string $rung): bool
    {
        return in_array($rung, array_column($this->rungs, 'code'), true);
    }

    /** @throws UnknownCode */
    public function rung(string $code): Rung
    {
        return $this->rungs[$this->position($code)];
    }

    /** @throws UnknownCode */
    public function position(string $code): int
    {
        foreach ($this->rungs as $i => $rung) {
            if ($rung->code === $code) {
                return $i;
            }
        }

        throw UnknownCode::of('rung', $code, array_map(static fn (Rung $r): string => $r->code, $this->rungs));
    }

    public function isLoaded(): bool
    {
        foreach ($this->rungs as $rung) {
            if ($rung->work->holding !== null) {
                return true;
            }
        }

        return false;
    }
}
