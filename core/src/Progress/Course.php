<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** How one exercise has gone: the dose, what was done, the limits now, and the loads there are. */
final readonly class Course
{
    /** @var list<Performed> newest first */
    public array $history;

    /** With the measured estimate, or else the best that a logged set gives. */
    public DoseLimits $limits;

    /**
     * @param  list<Performed>  $history
     * @param  DoseLimits  $limits  with the measured estimate, where there is one
     * @param  list<int>|null  $ladderG  makeable loads, ascending; null when not given
     */
    public function __construct(
        public Dose $dose,
        array $history,
        public Day $on,
        public Profile $client,
        DoseLimits $limits,
        public ?array $ladderG = null,
    ) {
        usort($history, static fn (Performed $a, Performed $b): int => (string) $b->date <=> (string) $a->date);
        $this->history = $history;
        $this->limits = $limits->maxG === null ? $limits->withMax($this->loggedMaxG()) : $limits;
    }

    /** @return list<Performed> sessions that were done, newest first; a skipped one is never a failure */
    public function done(): array
    {
        return array_values(array_filter($this->history, static fn (Performed $p): bool => $p->wasDone()));
    }

    public function goodSessionsNeeded(): int
    {
        return max(1, $this->limits->number(Field::SessionsBetweenSteps) ?? 2);
    }

    /** Heaviest load allowed: the percent cap of the usable estimate, and the lift limit. */
    public function loadCapG(): ?int
    {
        return $this->limits->cap($this->dose->per)->grams;
    }

    /** A percent cap with nothing to take the percent of: the load may not rise until an easy set is measured. */
    public function isBlind(): bool
    {
        return $this->dose->loadG !== null && $this->limits->isBlind();
    }

    /** The best that a set of the newest session with a usable one gives; null when none is usable. */
    private function loggedMaxG(): ?int
    {
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

    private function estimate(LoggedSet $set): ?int
    {
        if ($set->loadG === null || $set->loadG < 1 || $set->amount < 1 || $set->amount > 200
            || $set->kind !== DoseKind::Reps) {
            return null;
        }
        $reserve = EffortScale::reserve((int) floor($set->effort));

        $estimate = OneRepMax::estimate($set->loadG, $set->amount, $reserve);

        // A rough one never carries a step.
        return $estimate->confidence === Confidence::Rough ? null : $estimate->grams;
    }
}
