<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Dose\Pulls;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Plan\BandFit;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;

/** Reviews one exercise of a plan: asks NextDose, and when the lever is the rung, finds the rung and doses it. */
final readonly class Reviewer
{
    /** @param  int  $roomS  seconds that the session has left */
    public function __construct(private Situation $situation, private Wishes $wishes, private int $roomS = PHP_INT_MAX)
    {
    }

    /** @param  int  $rank  its place among the exercises of the session that nobody has measured, 0 first */
    public function review(Exercise $exercise, int $rank = 0): Reviewed
    {
        return ! $exercise->isApart()
            ? self::looked($exercise, $this->one($exercise, $rank))
            : (new BothSides($exercise, $this->situation->leadingSide()))->join(
                $this->ofSide($exercise, Side::Left, $rank), $this->ofSide($exercise, Side::Right, $rank),
            );
    }

    private function ofSide(Exercise $exercise, Side $side, int $rank): Reviewed
    {
        $own = $exercise->onSide($side);

        return self::looked($own, $this->one($own, $rank));
    }

    /** Where the last session moved the estimate far, somebody should look at it: a typing error, or another person. */
    private static function looked(Exercise $exercise, Reviewed $reviewed): Reviewed
    {
        $latest = $exercise->course()->done()[0] ?? null;
        $before = $latest === null ? null : $exercise->here->estimateJumpedFrom($exercise->history, $latest->date);
        $now = $exercise->estimate();
        if ($before === null || $now === null || $reviewed->proposal->decision === Decision::Stop) {
            return $reviewed;
        }
        $says = sprintf(
            'The estimated 1RM went from %s to %s with the last session: more than %d %%. Look at what was entered.',
            Mass::say($before->grams), Mass::say($now->grams), Estimate::LOOK_PCT,
        );

        return new Reviewed(
            $reviewed->proposal->toLookAt(new Reason('measure', 'estimate.jump', $says, 'House convention, cautious')),
            $reviewed->rung,
        );
    }

    private function one(Exercise $exercise, int $rank): Reviewed
    {
        [$here, $goal, $dose] = [$exercise->here, $exercise->goal, $exercise->dose];
        $course = $exercise->course();
        $chosen = $exercise->school ?? $this->situation->client->schools[Progression::QUESTION] ?? null;
        $school = $this->school($goal, $dose, $exercise->goesByFeel() ? 'effort_steered' : $chosen);
        $proposal = NextDose::propose($school, $course);
        if ($goal->isPreparation() && $proposal->decision === Decision::StepUp) {
            $says = $goal === Goal::WakeUp
                ? 'This wakes the muscles up; it is not progressed.' : 'Easy minutes are not progressed.';
            $because = [new Reason('goal', 'goal.'.$goal->value, $says, 'Practice')];

            return new Reviewed(new Proposal(Decision::Stay, null, $dose, $because), $here->rung);
        }
        $measured = (new MeasureFirst($exercise, $this->wishes, $rank))->look($course, $proposal);
        if ($measured !== null) {
            return new Reviewed($measured, $here->rung);
        }
        if ($proposal->lever === Lever::Rung) {
            return $this->otherRung($exercise, $proposal, $course);
        }
        $proposal = self::withSetUp($here, $proposal);
        $heavier = in_array($proposal->lever, [Lever::Load, Lever::Pull], true)
            && $proposal->decision === Decision::StepUp
            && in_array($dose->kind, [DoseKind::Reps, DoseKind::Seconds], true);
        if ($heavier && ! $exercise->goesByFeel() && $school->code() !== 'fewer_heavier') {
            return new Reviewed(self::backToTheGoalsRange($here, $goal, $proposal), $here->rung);
        }

        return new Reviewed($this->unstuck($here, $goal, $proposal, $course), $here->rung);
    }

    private function school(Goal $goal, Dose $dose, ?string $chosen): School
    {
        return SchoolBook::for($dose->kind, $goal === Goal::Balance ? 'criterion_ladder' : $chosen);
    }

    /** Another pull with where to stand for it, how short to grip, or which band. */
    private static function withSetUp(RungHere $here, Proposal $proposal): Proposal
    {
        $fit = $proposal->lever !== Lever::Pull || $proposal->dose->pullN === null
            ? null : BandFit::ofPull($here, $proposal->dose->pullN);

        return $fit === null ? $proposal : $proposal->withDose($proposal->dose, [
            new Reason('kit', 'band.set_up', $fit->recipe(), 'Measured points of this band'), ...$fit->setUp->notes,
        ]);
    }

    /**
     * After a load step the reps, or the seconds of movement, start again at the bottom of the goal's range, cut to the
     * envelope; the top stays where it was, or comes back into the range.
     */
    private static function backToTheGoalsRange(RungHere $here, Goal $goal, Proposal $proposal): Proposal
    {
        $range = Prescriber::range($here, $goal, $proposal->dose->kind);
        if ($range === null) {
            return $proposal;
        }
        // A top that was held low, so that the effort stays in range, is not raised along with the load.
        $top = min($range->hi, $proposal->dose->amount->hi);
        $amount = new Span(min($range->lo, $top), $top);
        $because = new Reason('goal', 'range', sprintf(
            '%s start again at %d.', ucfirst($proposal->dose->kind->value), $amount->lo,
        ));

        return $proposal->withDose($proposal->dose->with(amount: $amount), [$because]);
    }

    /** A fragile client goes to a rung that the measures have not opened only after a fresh test, asked for once. */
    private function measureFirst(
        Proposal $proposal,
        RungHere $next,
        string $notYet,
        Course $course,
        Exercise $exercise,
    ): Proposal {
        $says = sprintf('%s comes next, and this client is fragile: measure first. %s', $next->rung->name, $notYet);
        $because = new Reason('measure', 'rung.not_open', $says, 'House convention, cautious');
        $otherwise = 'A fresh test that opens it would step it up.';

        return ! $exercise->wasAskedWithin(MeasureFirst::AGAIN_DAYS)
            ? new Proposal(
                Decision::Retest, null, $course->dose, [...$proposal->because, $because], otherwise: $otherwise,
            )
            : $proposal->held($course->dose, $because, $otherwise);
    }

    private function otherRung(Exercise $exercise, Proposal $proposal, Course $course): Reviewed
    {
        [$here, $goal] = [$exercise->here, $exercise->goal];
        $up = $proposal->decision === Decision::StepUp;
        $drafter = new Drafter($this->situation);
        $why = null;
        foreach (self::others($here, $up) as $rung) {
            $next = $this->situation->at($here->family, $rung)->onSide($here->only);
            $offer = $drafter->offer($next, $this->wishes);
            $notYet = $next->notYet();
            if ($up && $here->workingSide() === Side::Both && $next->workingSide() !== Side::Both) {
                $why ??= sprintf('%s: open on one side only.', $rung->name);

                continue;
            }
            if ($offer->item !== null && $up && $notYet !== null && $this->situation->isFragile()) {
                $held = $this->measureFirst($proposal, $next, $notYet, $course, $exercise);

                return new Reviewed($this->unstuck($here, $goal, $held, $course), $here->rung);
            }
            if ($offer->item !== null) {
                // A set trimmed to fit the minutes stays trimmed on the next rung.
                $dose = $offer->item->dose->with(sets: min($offer->item->dose->sets, $proposal->dose->sets));
                $dose = $up ? $dose : self::noHeavier($next, $dose, $course->dose);
                if ($dose === null) {
                    // The nearest is what one asks about, not the last that was tried.
                    $why ??= sprintf('%s: even the lightest load there is more than now.', $rung->name);

                    continue;
                }
                $says = new Reason('rule', 'rung.next', sprintf('%s: %s', $rung->name, Phrase::within($rung->step)));

                return new Reviewed($proposal->withDose($dose, [$says]), $rung);
            }
            $why ??= $offer->why;
        }
        $none = self::noOther($proposal, $up, $why, $course);

        return new Reviewed($this->unstuck($here, $goal, $none, $course), $here->rung);
    }

    /**
     * An easier rung is done with no more than was lifted on the harder one, as near as this home can make it; null
     * where it makes nothing so light.
     */
    private static function noHeavier(RungHere $easier, Dose $dose, Dose $was): ?Dose
    {
        [$now, $before] = [$dose->resistanceG(), $was->resistanceG()];
        if ($now === null || $before === null || $now <= $before) {
            return $dose;
        }
        $loads = $dose->pullN === null ? $easier->ladder()?->grams() ?? [] : Pulls::of($easier)->grams();
        $under = array_filter($loads, static fn (int $g): bool => $g <= $before);

        return $under === [] ? null : $dose->resisting(max($under));
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
    private static function noOther(Proposal $proposal, bool $up, ?string $why, Course $course): Proposal
    {
        $says = match (true) {
            $why !== null => 'The next rung is under water: '.$why,
            $up => 'This is the hardest rung of its family.',
            default => 'This is the easiest rung: leave it out, or choose another exercise.',
        };
        $because = new Reason('limit', 'rung.none', $says);

        return $up
            ? $proposal->held($course->dose, $because, $proposal->otherwise)
            : new Proposal(
                Decision::Ease, null, $proposal->dose, [...$proposal->because, $because], null, $proposal->otherwise,
                true,
            );
    }

    /** Where the lever of a good run is closed, the next lever moves; what else could is offered beside it. */
    private function unstuck(RungHere $here, Goal $goal, Proposal $proposal, Course $course): Proposal
    {
        $closed = array_filter(
            $proposal->because,
            static fn (Reason $r): bool => in_array(
                $r->rule, ['rung.none', 'rung.not_open', 'step.cap', 'kit.outgrown', 'plateau'], true,
            ),
        ) !== [];

        return $closed && $proposal->decision === Decision::Stay
            ? (new OtherLevers($this->situation, $this->wishes, $this->roomS))->look(
                $here, $goal, $course->withDose($proposal->dose), $proposal,
            )
            : $proposal;
    }
}
