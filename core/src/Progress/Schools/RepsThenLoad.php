<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\Schools;

use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Easing;
use BuoyantStep\Core\Progress\GoodRun;
use BuoyantStep\Core\Progress\LoadStep;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * Reps up to the top of the range, then the next load at its bottom. Source: ACSM 2009 position stand (double
 * progression).
 */
final class RepsThenLoad implements School
{
    private const SOURCE = 'ACSM 2009 position stand';

    public function code(): string
    {
        return 'reps_then_load';
    }

    public function label(): string
    {
        return 'reps up to the top, then load';
    }

    public function serves(DoseKind $kind): bool
    {
        return ! $kind->isTimed();
    }

    public function propose(Course $course): Proposal
    {
        $run = GoodRun::length($course);
        $because = [new Reason('log', 'good_sessions', GoodRun::says($course, $run), self::SOURCE)];

        return $run < $course->goodSessionsNeeded()
            ? Easing::whenShort($course, $because) ?? GoodRun::notYet($course, $because)
            : LoadStep::propose($course, $because);
    }
}
