<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * A load that nobody has measured is asked for once: an easy set of two or three exercises a session, the most
 * important
 * first. Once it is measured, the exercise is dosed by it at once.
 */
final readonly class MeasureFirst
{
    /** What nobody did is asked for again after so many days. */
    public const AGAIN_DAYS = 28;

    /** @param  int  $rank  its place among the exercises of the session that nobody has measured, 0 first */
    public function __construct(private Exercise $exercise, private Wishes $wishes, private int $rank)
    {
    }

    /** What is to be measured, or dosed by what was; null where neither is due. */
    public function look(Course $course, Proposal $proposal): ?Proposal
    {
        if ($course->dose->resistanceG() === null || $course->done() === []
            || ! in_array($proposal->decision, [Decision::Stay, Decision::StepUp, Decision::Retest], true)
            || $this->isBraked($proposal)) {
            return null;
        }
        $estimate = $this->exercise->estimate();
        if ($estimate !== null && ! $this->exercise->isUnmeasured()) {
            return $this->anew($course, $estimate);
        }
        // Reps tell nothing of how long something is held or how far it is carried: while no limit needs an estimate,
        // the load steps by what was done.
        if ($course->dose->kind !== DoseKind::Reps && $proposal->decision !== Decision::Retest) {
            return null;
        }
        if ($this->rank < Drafter::EASY_SETS && ! $this->exercise->wasAskedWithin(self::AGAIN_DAYS)) {
            return $this->ask($course);
        }
        if ($proposal->decision !== Decision::Retest) {
            return null;
        }

        return $proposal->held($course->dose, new Reason(
            'measure', 'asked', 'An easy set was asked for; until there is one the load stays.',
            'House convention, cautious',
        ), $proposal->otherwise);
    }

    private function ask(Course $course): Proposal
    {
        return new Proposal(Decision::Retest, Lever::Measure, $course->dose, [new Reason(
            'measure', 'easy_set.asked',
            'No usable estimate: do an easy set next time, a load that feels like RPE 5-7 after eight to twelve reps, '
                .'and say how many were left.', 'Epley 1985; Brzycki 1993',
        )], otherwise: 'A logged set with RPE 5 or more tells it as well.');
    }

    /** Does a brake speak? It wins. */
    private function isBraked(Proposal $proposal): bool
    {
        return array_filter(
            $proposal->because,
            static fn (Reason $r): bool => str_starts_with($r->rule, 'brake.') || $r->rule === 'missed.retest',
        ) !== [];
    }

    /** The estimate says that the load is further than a step below the goal, and nothing heavier was tried since. */
    private function anew(Course $course, Estimate $estimate): ?Proposal
    {
        $load = $course->dose->loadG;
        // Where a limit asks for small steps, a measure does not leap over them.
        if ($load === null || $course->hasSmallSteps()
            || $this->triedHeavier($course, $estimate->on ?? $course->on, $load)) {
            return null;
        }
        $dose = Prescriber::dosing(
            $this->exercise->here, $this->exercise->goal, count($this->wishes->days), $this->exercise->history,
        )->dose;
        // To the step itself the load goes by the next good session; a billionth is for the division.
        if ($dose?->loadG === null
            || $course->limits->system->stepPct($load, $dose->loadG) <= $course->stepMax() + 1e-9) {
            return null;
        }
        $says = sprintf(
            '%s Dosed by it: %s in place of %s. Look at the first set.', $estimate->inWords($course->on),
            Mass::say($dose->loadG), Mass::say($load),
        );
        $because = new Reason('measure', 'dosed_anew', $says, 'Epley 1985; Brzycki 1993');

        return new Proposal(
            Decision::StepUp, Lever::Measure, $dose->with(sets: $course->dose->sets), [$because],
        );
    }

    private function triedHeavier(Course $course, Day $since, int $load): bool
    {
        foreach ($course->done() as $session) {
            foreach ($session->sets as $set) {
                if (! $session->date->isBefore($since) && ($set->loadG ?? 0) > $load + Mass::ALIKE_G) {
                    return true;
                }
            }
        }

        return false;
    }
}
