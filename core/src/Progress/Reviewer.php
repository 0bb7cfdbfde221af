<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Reviews one exercise of a plan: asks NextDose, and when the lever is the rung, finds the rung and doses it. */
final readonly class Reviewer
{
    public function __construct(private Situation $situation, private Wishes $wishes)
    {
    }

    /** @param  list<Performed>  $history */
    public function review(RungHere $here, Goal $goal, Dose $dose, array $history): Reviewed
    {
        $client = $this->situation->client;
        $course = new Course(
            $dose, $history, $this->situation->on, $client, DoseLimits::of($here, $goal), $here->ladder()?->grams(),
        );
        $school = SchoolBook::for($dose->kind, $client->schools[Progression::QUESTION] ?? null);
        $proposal = NextDose::propose($school, $course);
        if ($goal === Goal::WarmUp && $proposal->decision === Decision::StepUp) {
            $says = 'A warm-up wakes the muscles; it is not progressed.';
            $because = [new Reason('goal', 'goal.warm_up', $says, 'Practice')];

            return new Reviewed(new Proposal(Decision::Stay, null, $dose, $because), $here->rung);
        }
        if ($proposal->lever === 'rung') {
            return $this->otherRung($here, $proposal);
        }
        $heavier = $proposal->lever === 'load' && $proposal->decision === Decision::StepUp;
        if ($heavier && $dose->kind === DoseKind::Reps) {
            return new Reviewed(self::backToTheGoalsRange($here, $goal, $proposal), $here->rung);
        }

        return new Reviewed($proposal, $here->rung);
    }

    /** After a load step the reps start again at the bottom of the goal's range, cut to the envelope. */
    private static function backToTheGoalsRange(RungHere $here, Goal $goal, Proposal $proposal): Proposal
    {
        $range = Prescriber::range($here, $goal);
        if ($range === null) {
            return $proposal;
        }
        $because = new Reason('goal', 'range', sprintf('Reps start again at %d.', $range->lo));

        return $proposal->withDose($proposal->dose->with(amount: $range), [$because]);
    }

    /** A fragile client goes to a rung that the measures have not opened only after a fresh test. */
    private static function measureFirst(Proposal $proposal, RungHere $next, string $notYet): Proposal
    {
        $says = sprintf('%s comes next, and this client is fragile: measure first. %s', $next->rung->name, $notYet);
        $because = new Reason('measure', 'rung.not_open', $says, 'House convention, cautious');

        return new Proposal(
            Decision::Retest, null, $proposal->dose, [...$proposal->because, $because],
            otherwise: 'A fresh test that opens it would step it up.',
        );
    }

    private function otherRung(RungHere $here, Proposal $proposal): Reviewed
    {
        $up = $proposal->decision === Decision::StepUp;
        $drafter = new Drafter($this->situation);
        $why = '';
        $candidates = self::others($here, $up);
        foreach ($candidates as $rung) {
            $next = $this->situation->at($here->family, $rung);
            $offer = $drafter->offer($next, $this->wishes);
            $why = $offer->why;
            $notYet = $next->notYet();
            if ($offer->item !== null && $up && $notYet !== null && $this->situation->isFragile()) {
                return new Reviewed(self::measureFirst($proposal, $next, $notYet), $here->rung);
            }
            if ($offer->item !== null) {
                // A set trimmed to fit the minutes stays trimmed on the next rung.
                $dose = $offer->item->dose->with(sets: min($offer->item->dose->sets, $proposal->dose->sets));
                $says = new Reason('rule', 'rung.next', sprintf('%s: %s', $rung->name, lcfirst($rung->step)));

                return new Reviewed($proposal->withDose($dose, [$says]), $rung);
            }
        }

        return new Reviewed(self::noOther($proposal, $up, $candidates === [] ? null : $why), $here->rung);
    }

    /** @return list<Rung> the harder rungs of the family, or the easier ones, nearest first */
    private static function others(RungHere $here, bool $up): array
    {
        $position = $here->family->position($here->rung->code);

        return $up
            ? array_slice($here->family->rungs, $position + 1)
            : array_reverse(array_slice($here->family->rungs, 0, $position));
    }

    /** @param  string|null  $why  what holds the next rung under; null when there is none */
    private static function noOther(Proposal $proposal, bool $up, ?string $why): Proposal
    {
        $says = match (true) {
            $why !== null => 'The next rung is under water: '.$why,
            $up => 'This is the hardest rung of its family: choose another exercise when you want more.',
            default => 'This is the easiest rung: leave it out, or choose another exercise.',
        };
        $because = [...$proposal->because, new Reason('limit', 'rung.none', $says)];

        return new Proposal(
            $up ? Decision::Stay : Decision::Ease, null, $proposal->dose, $because, null, $proposal->otherwise, ! $up,
        );
    }
}
