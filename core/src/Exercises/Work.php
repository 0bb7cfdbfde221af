<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Body\Moves;
use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** What is counted in a rung, and what makes it heavy. */
final readonly class Work
{
    /** Seconds of a rep where the exercise is counted otherwise. House estimate. */
    private const REP_S = 3.0;

    /**
     * @param  Holding|null  $holding  how it takes a load; null when it takes none
     * @param  bool  $eachSide  done left and right, rather than once
     * @param  float  $secondsPerUnit  of one rep, step or trip, 0.2 to 60
     * @param  Moves|null  $moves  what of the body is lifted with the load
     * @param  StartFloor|null  $start  where its load starts; null where it takes none
     * @param  int|null  $lowerS  seconds of lowering that make it what it is, 1 to 10; null where the goal's will do
     */
    public function __construct(
        public DoseKind $kind,
        public ?Holding $holding,
        public bool $eachSide,
        public float $secondsPerUnit,
        public ?Lever $lever,
        public ?BandUse $band,
        public ?Moves $moves = null,
        public ?StartFloor $start = null,
        public ?int $lowerS = null,
    ) {
    }

    /** @return list<DoseKind> what it may be counted in, its own first */
    public function kinds(): array
    {
        return [$this->kind, ...$this->kind->others()];
    }

    /** Seconds that one of what is counted takes. A metre is two short steps: house estimate. */
    public function secondsPer(DoseKind $kind): float
    {
        return match (true) {
            $kind === $this->kind => $this->secondsPerUnit,
            $kind->isTimed() => 1.0,
            $kind === DoseKind::Metres => 2 * $this->secondsPerUnit,
            $kind === DoseKind::Steps => $this->secondsPerUnit / 2,
            default => self::REP_S,
        };
    }

    /** What this client lifts here: the moved share of the body with the load, or the load alone. */
    public function system(Profile $client): SystemLoad
    {
        $onHands = $this->lever?->onHands($client);
        if ($onHands !== null) {
            return SystemLoad::pushUp($onHands, $client->bodyMassKg);
        }

        return $this->moves === null
            ? new SystemLoad
            : SystemLoad::moving($this->moves, $client->bodyMassKg, $this->holding === Holding::EachHand ? 2 : 1);
    }
}
