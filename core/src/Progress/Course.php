<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Units\Day;

/** How one exercise has gone: the dose, what was done, the limits now, and the loads there are. */
final readonly class Course
{
    /** @var list<Performed> newest first */
    public array $history;

    /**
     * @param  list<Performed>  $history
     * @param  list<int>|null  $ladderG  makeable loads, ascending; null when not given
     * @param  int|null  $capG  heaviest load allowed here, in the ladder's unit
     */
    public function __construct(
        public Dose $dose,
        array $history,
        public Day $on,
        public Profile $client,
        public Envelope $envelope,
        public ?array $ladderG = null,
        public ?int $capG = null,
        public ?OneRepMax $oneRepMax = null,
        public ?Goal $goal = null,
        public Scope $scope = new Scope,
    ) {
        usort($history, static fn (Performed $a, Performed $b): int => [(string) $b->date] <=> [(string) $a->date]);
        $this->history = $history;
    }

    /** @return list<Performed> sessions that were done, newest first; a skipped one is never a failure */
    public function done(): array
    {
        return array_values(array_filter($this->history, static fn (Performed $p): bool => $p->wasDone()));
    }

    public function goodSessionsNeeded(): int
    {
        return max(1, $this->envelope->atLeast(Field::SessionsBetweenSteps, 2, $this->scope));
    }

    /** The measured estimate, or else the best that a logged set gives; null when none is usable. */
    public function usableMaxG(): ?int
    {
        if ($this->oneRepMax?->grams !== null) {
            return $this->oneRepMax->grams;
        }
        foreach ($this->done() as $session) {
            $best = null;
            foreach ($session->sets as $set) {
                $best = max($best, $this->estimate($set));
            }
            if ($best !== null) {
                return $best;
            }
        }

        return null;
    }

    /** Heaviest load allowed: the given cap, the percent cap of the usable estimate, and the lift limit. */
    public function loadCapG(): ?int
    {
        $caps = $this->capG === null ? [] : [$this->capG];
        $percent = $this->envelope->atLeast(Field::LoadPctMax, 100, $this->scope);
        $max = $this->usableMaxG();
        if ($percent < 100 && $max !== null) {
            $caps[] = intdiv($max * $percent, 100);
        }
        $lift = $this->envelope->number(Field::LiftMaxG, $this->scope);
        if ($lift !== null) {
            $caps[] = $this->dose->per === 'hand' ? intdiv($lift, 2) : $lift;
        }

        return $caps === [] ? null : min($caps);
    }

    /** A percent cap with nothing to take the percent of: the load may not rise until an easy set is measured. */
    public function isBlind(): bool
    {
        return $this->dose->loadG !== null
            && $this->usableMaxG() === null
            && $this->envelope->atLeast(Field::LoadPctMax, 100, $this->scope) < 100;
    }

    private function estimate(LoggedSet $set): ?int
    {
        if ($set->loadG === null || $set->loadG < 1 || $set->amount < 1 || $set->kind->value !== 'reps' || $set->amount > 200) {
            return null;
        }

        return OneRepMax::estimate($set->loadG, $set->amount, EffortScale::reserve((int) floor($set->effort)))->grams;
    }
}
