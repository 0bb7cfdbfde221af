<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Units\Mass;
use JsonSerializable;

/**
 * From one makeable load to a next one that is more than a step away: keep the load and raise the reps until the
 * estimate says that the next can be done at the bottom of the range: the smallest r at which the estimated 1RM of
 * (w1, r, q) reaches that of (w2, lo, q), q reps in reserve, by Brzycki 1993 up to ten reps and Epley 1985 past them.
 * Each w is all that is lifted.
 */
final readonly class Bridge implements JsonSerializable
{
    /**
     * Past this the step is not reachable by reps: lever, range, tempo, a split load or a purchase. House convention.
     */
    public const MAX_REPS = 25;

    private function __construct(
        public int $fromG,
        public int $toG,
        public int $reps,
        public int $atReps,
        public bool $trialFirst,
        public bool $reachable,
    ) {
    }

    public static function between(
        int $fromG,
        int $toG,
        int $lo,
        int $reserve,
        ?int $repsMax = null,
        SystemLoad $system = new SystemLoad,
    ): self {
        $n = $lo + $reserve;
        $to = $system->with($toG);
        $max = $n <= OneRepMax::GOOD_UP_TO ? 36 * $to / (37 - max(1, $n)) : $to * (1 + $n / 30);
        // Both formulas meet at n = 10, where the 1RM is 4/3 of the load.
        $ratio = $max / max(1.0, $system->with($fromG));
        $reps = (int) ceil(($ratio <= 4 / 3 ? 37 - 36 / $ratio : 30 * ($ratio - 1)) - $reserve - 1e-9);

        return new self(
            $fromG, $toG, max($lo, $reps), $lo,
            $reps + $reserve > OneRepMax::FAIR_UP_TO,
            $reps <= min(self::MAX_REPS, $repsMax ?? self::MAX_REPS),
        );
    }

    public function says(): string
    {
        if (! $this->reachable) {
            return sprintf(
                'The next load here, %s, is not reachable by reps (it would take %d at %s): use a longer lever, more '
                    .'range, a slower tempo, a smaller split of the load, or buy a piece between.',
                Mass::say($this->toG), $this->reps, Mass::say($this->fromG),
            );
        }

        return sprintf(
            'Build to %d with %s, then %s for %d.%s',
            $this->reps,
            Mass::say($this->fromG),
            Mass::say($this->toG),
            $this->atReps,
            $this->trialFirst ? ' Trial set first: the estimate is a guess at so many reps.' : '',
        );
    }

    /**
     * @return array{
     *     from_g: int, to_g: int, reps: int, at_reps: int, trial_first: bool, reachable: bool, says: string
     * }
     */
    public function jsonSerialize(): array
    {
        return [
            'from_g' => $this->fromG, 'to_g' => $this->toG, 'reps' => $this->reps, 'at_reps' => $this->atReps,
            'trial_first' => $this->trialFirst, 'reachable' => $this->reachable, 'says' => $this->says(),
        ];
    }
}
