<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\Schools;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\GoodRun;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Progress\LoadStep;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * For balance: half a minute, or all the steps, without a grab, in so many sessions running, then the next rung.
 * Source:
 * CDC STEADI; practice.
 */
final class CriterionLadder implements School
{
    private const STANCE_S = 30;

    /** Where less was asked, it grows by so much at a time. */
    private const MORE_S = 5;

    public function code(): string
    {
        return 'criterion_ladder';
    }

    public function label(): string
    {
        return 'for balance: done without a grab, then the next rung';
    }

    public function serves(DoseKind $kind): bool
    {
        return in_array($kind, [DoseKind::Hold, DoseKind::Steps, DoseKind::Metres], true);
    }

    public function propose(Course $course): Proposal
    {
        $dose = $course->dose;
        $stance = $dose->kind === DoseKind::Hold && $course->limits->goal === Goal::Balance;
        // Nobody holds for longer than was asked.
        $asked = $stance ? min(self::STANCE_S, $dose->amount->hi) : $dose->amount->hi;
        $run = GoodRun::of($course, static fn (Performed $p): bool => array_filter(
            $p->sets,
            static fn (LoggedSet $s): bool => ! $s->kind->isToldAs($dose->kind) || $s->amount < $asked || $s->formBroke,
        ) === []);
        $because = [new Reason('log', 'criterion', sprintf(
            '%d of %d sessions running at %d %s without a grab.', min($run, $course->goodSessionsNeeded()),
            $course->goodSessionsNeeded(), $asked, $dose->kind->unit(),
        ), 'CDC STEADI; practice')];

        if ($run >= $course->goodSessionsNeeded() && $stance && $asked < self::STANCE_S) {
            $seconds = min(self::STANCE_S, $asked + self::MORE_S);

            return new Proposal(
                Decision::StepUp, Lever::Seconds,
                $dose->with(amount: new Span(min($dose->amount->lo, $seconds), $seconds)),
                [...$because, new Reason('rule', 'step.seconds', sprintf('Up to %d s.', $seconds), 'Practice')],
            );
        }

        return $run < $course->goodSessionsNeeded()
            ? GoodRun::notYet($course, $because)
            : LoadStep::rung($course, [...$because, new Reason('rule', 'lever.rung', 'The next rung.', 'Practice')]);
    }
}
