<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Log\LoggedEstimates;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Units\Day;

/** How one exercise has gone: the dose, what was done, the limits now, and the loads there are. */
final readonly class Course
{
    /** @var list<Performed> newest first */
    public array $history;

    /** With the measured estimate, or else the one that the logged sets give. */
    public DoseLimits $limits;

    /**
     * @param  list<Performed>  $history
     * @param  DoseLimits  $limits  with the estimate in use, where there is one
     * @param  list<int>|null  $ladderG  makeable loads, or pulls as grams, ascending; null when not given
     * @param  bool  $byFeel  a band of which nobody knows what it pulls
     */
    public function __construct(
        public Dose $dose,
        array $history,
        public Day $on,
        public Profile $client,
        DoseLimits $limits,
        public ?array $ladderG = null,
        public bool $byFeel = false,
    ) {
        usort($history, static fn (Performed $a, Performed $b): int => (string) $b->date <=> (string) $a->date);
        $this->history = $history;
        $this->limits = $limits->maxG === null
            ? $limits->withMax(Estimate::inUse(LoggedEstimates::of($this->history, $limits->system), $on)?->grams)
            : $limits;
    }

    public function withDose(Dose $dose): self
    {
        return new self($dose, $this->history, $this->on, $this->client, $this->limits, $this->ladderG, $this->byFeel);
    }

    /** @return list<Performed> sessions that were done, newest first; a skipped one is never a failure */
    public function done(): array
    {
        return array_values(array_filter($this->history, static fn (Performed $p): bool => $p->wasDone()));
    }

    /** @return list<Performed> those among them that the dose is judged by: a light day is for rest */
    public function judged(): array
    {
        return array_values(array_filter($this->done(), static fn (Performed $p): bool => ! $p->light));
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

    /** The largest step of all that is lifted, percent. */
    public function stepMax(): int
    {
        return $this->limits->stepMax();
    }

    /** Does a limit ask for smaller steps than the usual? */
    public function hasSmallSteps(): bool
    {
        return $this->stepMax() < DoseLimits::STEP_PCT;
    }

    /** A percent cap with nothing to take the percent of: the load may not rise until an easy set is measured. */
    public function isBlind(): bool
    {
        return $this->dose->resistanceG() !== null && $this->limits->isBlind();
    }

    /** Days since it was last done; null when it never was. */
    public function daysSinceDone(): ?int
    {
        $done = $this->done();

        return $done === [] ? null : $done[0]->date->daysTo($this->on);
    }

    /** Days between the last two sessions; null where there are not two. */
    public function lastGap(): ?int
    {
        $done = $this->done();

        return isset($done[1]) ? $done[1]->date->daysTo($done[0]->date) : null;
    }

    /** @return list<Performed> the sessions running, newest first, in which the load was what it is now */
    public function atThisDose(): array
    {
        $same = [];
        foreach ($this->judged() as $session) {
            $load = $this->dose->resistanceG();
            if ($load !== null && ! $session->wasAt($load)) {
                break;
            }
            $same[] = $session;
        }

        return $same;
    }
}
