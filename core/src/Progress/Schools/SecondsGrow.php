<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\Schools;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Limits\Field;
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
 * For holds, stances and movement by the clock: five seconds more at a time, to the top, then the load or the band,
 * then a harder rung. Source: practice.
 */
final class SecondsGrow implements School
{
    private const MORE_S = 5;

    /** A hold worth training ends here (Dose\Goal: isometric 5-45 s); a stance at 30 s (CDC STEADI). */
    private const TOP_HOLD_S = 45;

    private const TOP_STANCE_S = 30;

    public function code(): string
    {
        return 'seconds';
    }

    public function label(): string
    {
        return 'seconds grow, then a harder rung';
    }

    public function serves(DoseKind $kind): bool
    {
        return $kind->isTimed();
    }

    public function propose(Course $course): Proposal
    {
        $run = GoodRun::length($course);
        $because = [new Reason('log', 'good_sessions', GoodRun::says($course, $run), 'Practice')];
        if ($run < $course->goodSessionsNeeded()) {
            return GoodRun::notYet($course, $because);
        }
        $goal = $course->limits->goal;
        $moves = $course->dose->kind === DoseKind::Seconds;
        $stance = $goal === Goal::Balance;
        $hold = $stance || $moves ? null : $course->limits->tightest(Field::HoldMaxS);
        $top = match (true) {
            $moves => Kinds::of(DoseKind::Seconds)->range($goal ?? Goal::Endurance)->hi,
            $stance => self::TOP_STANCE_S,
            default => min(self::TOP_HOLD_S, is_int($hold?->value) ? $hold->value : self::TOP_HOLD_S),
        };
        $seconds = min($top, $course->dose->amount->hi + self::MORE_S);
        if ($seconds <= $course->dose->amount->hi) {
            $says = $hold !== null && $hold->value === $top
                ? sprintf('%d s is the longest hold allowed.', $top)
                : sprintf('%d s is the top.', $top);

            return LoadStep::propose($course, [...$because, new Reason('rule', 'lever.rung', $says, 'Practice')]);
        }

        return new Proposal(
            Decision::StepUp,
            Lever::Seconds,
            $course->dose->with(amount: new Span(min($course->dose->amount->lo + self::MORE_S, $seconds), $seconds)),
            [...$because, new Reason('rule', 'step.seconds', sprintf('Up to %d s.', $seconds), 'Practice')],
        );
    }
}
