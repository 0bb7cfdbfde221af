<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\Schools;

use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Easing;
use BuoyantStep\Core\Progress\GoodRun;
use BuoyantStep\Core\Progress\LoadStep;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Two reps past the top in the last set, in so many sessions running, then the next load. Source: ACSM 2009. */
final class TwoExtraReps implements School
{
    private const EXTRA = 2;

    public function code(): string
    {
        return 'two_extra_reps';
    }

    public function label(): string
    {
        return 'two extra reps twice, then load';
    }

    public function serves(DoseKind $kind): bool
    {
        return $kind === DoseKind::Reps;
    }

    public function propose(Course $course): Proposal
    {
        $asked = $course->dose->amount->hi + self::EXTRA;
        $run = GoodRun::of($course, static fn (Performed $p): bool => self::extra($p, $asked, $course));
        $because = [new Reason('log', 'extra_reps', sprintf(
            '%d of %d sessions running with %d or more in the last set, RPE %d or less.',
            min($run, $course->goodSessionsNeeded()), $course->goodSessionsNeeded(), $asked, $course->dose->effort->hi,
        ), 'ACSM 2009 position stand')];

        return $run < $course->goodSessionsNeeded()
            ? Easing::whenShort($course, $because) ?? GoodRun::notYet($course, $because)
            : LoadStep::propose($course, $because);
    }

    private static function extra(Performed $session, int $asked, Course $course): bool
    {
        $last = $session->sets[count($session->sets) - 1] ?? null;

        return $last instanceof LoggedSet && $last->kind === DoseKind::Reps && $last->amount >= $asked
            && $last->effort <= $course->dose->effort->hi && $session->carried($course->dose->resistanceG());
    }
}
