<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\DoseKind;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;

/** Reviews one exercise of a plan: asks NextDose, and when the lever is the rung, finds the rung and doses it. */
final readonly class Reviewer
{
    public function __construct(private Situation $situation, private Wishes $wishes)
    {
    }

    /** @param  list<Performed>  $history */
    public function review(Family $family, Rung $rung, Goal $goal, Dose $dose, array $history): Reviewed
    {
        $oneRepMax = $this->situation->oneRepMax($family);
        $side = $this->situation->workingSide($rung);
        $scope = new Scope($rung->demands->region, $side);
        $ladder = $this->situation->ladder($rung);
        $cap = $rung->holding === null ? null : $this->situation->prescriber->cap($scope, $rung->holding, $oneRepMax)->grams;
        $course = new Course(
            $dose, $history, $this->situation->on, $this->situation->client, $this->situation->envelope,
            $ladder?->grams(), $cap, $oneRepMax, $goal, $scope,
        );
        $proposal = NextDose::propose(NextDose::schoolFor($dose->kind), $course);
        if ($goal === Goal::WarmUp && $proposal->decision === Decision::StepUp) {
            return new Reviewed(new Proposal(Decision::Stay, null, $dose, [new Reason('goal', 'goal.warm_up', 'A warm-up wakes the muscles; it is not progressed.', 'Practice')]), $rung);
        }
        if ($proposal->lever === 'rung') {
            return $this->otherRung($family, $rung, $proposal);
        }
        if ($proposal->lever === 'load' && $proposal->decision === Decision::StepUp && $dose->kind === DoseKind::Reps) {
            return new Reviewed($this->backToTheGoalsRange($rung, $goal, $proposal, $scope), $rung);
        }

        return new Reviewed($proposal, $rung);
    }

    /** After a load step the reps start again at the bottom of the goal's range, cut to the envelope. */
    private function backToTheGoalsRange(Rung $rung, Goal $goal, Proposal $proposal, Scope $scope): Proposal
    {
        $range = $this->situation->prescriber->amountFor($rung, $goal, $scope);

        return $range === null ? $proposal : $proposal->withDose($proposal->dose->with(amount: new Span($range->lo, $range->hi)), [
            new Reason('goal', 'range', sprintf('Reps start again at %d.', $range->lo)),
        ]);
    }

    /** A fragile client goes to a rung that the measures have not opened only after a fresh test. */
    private function measureFirst(Proposal $proposal, Rung $next, string $notYet): Proposal
    {
        return new Proposal(Decision::Retest, null, $proposal->dose, [
            ...$proposal->because,
            new Reason('measure', 'rung.not_open', sprintf('%s comes next, and this client is fragile: measure first. %s', $next->name, $notYet), 'House convention, cautious'),
        ], otherwise: 'A fresh test that opens it would step it up.');
    }

    private function otherRung(Family $family, Rung $rung, Proposal $proposal): Reviewed
    {
        $up = $proposal->decision === Decision::StepUp;
        $drafter = new Drafter($this->situation);
        $position = $family->position($rung->code);
        $why = '';
        $candidates = $up ? array_slice($family->rungs, $position + 1) : array_reverse(array_slice($family->rungs, 0, $position));
        foreach ($candidates as $candidate) {
            [$item, $why] = $drafter->item($family, $candidate, $this->wishes);
            if ($item !== null && $up && $this->situation->client->isFragile($this->situation->on) && $drafter->notYet($candidate) !== null) {
                return new Reviewed($this->measureFirst($proposal, $candidate, (string) $drafter->notYet($candidate)), $rung);
            }
            if ($item !== null) {
                // A set trimmed to fit the minutes stays trimmed on the next rung.
                return new Reviewed($proposal->withDose($item->dose->with(sets: min($item->dose->sets, $proposal->dose->sets)), [new Reason('rule', 'rung.next', sprintf('%s: %s', $candidate->name, lcfirst($candidate->step)))]), $candidate);
            }
        }
        $says = $candidates === []
            ? ($up ? 'This is the hardest rung of its family: choose another exercise when you want more.' : 'This is the easiest rung: leave it out, or choose another exercise.')
            : 'The next rung is under water: '.$why;
        $decision = $up ? Decision::Stay : Decision::Ease;

        return new Reviewed(new Proposal($decision, null, $proposal->dose, [...$proposal->because, new Reason('limit', 'rung.none', $says)], null, $proposal->otherwise, ! $up), $rung);
    }
}
