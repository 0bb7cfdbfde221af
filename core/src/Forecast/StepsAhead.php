<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Forecast;

use BuoyantStep\Core\Dose\Bridge;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Kit\Ladders;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Progress\LoadStep;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** How many steps of load lie ahead of one exercise in a kit: each within the step allowed, or bridged by reps. */
final readonly class StepsAhead
{
    /** Further ahead nobody buys for. House convention. */
    public const MOST = 6;

    /** Fewer than this ahead, and a purchase is worth a word. House convention. */
    public const ENOUGH = 3;

    /** Where nothing was measured, so many times the load of today; else so much of what the goal asks for today. */
    private const GROWTH_BLIND = 2.0;

    private const GROWTH = 1.3;

    private DoseLimits $limits;

    /** Grams: the cap, or as far as this client will get in some months. */
    public int $topG;

    public function __construct(public RungHere $here, public Goal $goal, public Dose $dose)
    {
        $this->limits = DoseLimits::of($here, $goal);
        $this->topG = $this->top();
    }

    private function top(): int
    {
        $load = (int) $this->dose->loadG;
        $estimate = $this->here->estimate();
        $percent = $this->goal->row()->percent;
        $grown = $estimate === null || $percent === null
            ? $load * self::GROWTH_BLIND
            : $this->limits->system->loadFor($estimate->grams * $percent->hi / 100 * self::GROWTH);
        $cap = $this->limits->cap($this->dose->per)->grams;

        return (int) max($load, $cap === null ? $grown : min($cap, $grown));
    }

    /** @return int 0 to MOST */
    public function in(Ladders $kit): int
    {
        $loads = $this->here->ladderWith($kit, $this->topG)?->grams() ?? [];
        $load = (int) $this->dose->loadG;
        for ($steps = 0; $steps < self::MOST; $steps++) {
            $next = LoadStep::nextOf($loads, $load, $this->limits->system, $this->limits->stepMax(), $this->topG);
            if ($next === null || $next > $this->topG || ! $this->isReached($load, $next)) {
                break;
            }
            $load = $next;
        }

        return $steps;
    }

    /** Do limits or the goal end it, rather than the kit? Then nothing that is bought would help. */
    public function endsByItself(): bool
    {
        $load = (int) $this->dose->loadG;

        return $this->limits->system->stepPct($load, $this->topG) < DoseLimits::STEP_PCT;
    }

    private function isReached(int $from, int $to): bool
    {
        $pct = $this->limits->system->stepPct($from, $to);

        return $pct <= $this->limits->stepMax() + 1e-9 || ($this->dose->kind === DoseKind::Reps && Bridge::between(
            $from, $to, $this->dose->amount->lo, EffortScale::reserve($this->dose->effort->hi),
            $this->limits->number(Field::RepsMax), $this->limits->system,
        )->reachable);
    }
}
