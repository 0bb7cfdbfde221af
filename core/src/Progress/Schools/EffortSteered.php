<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\Schools;

use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Easing;
use BuoyantStep\Core\Progress\GoodRun;
use BuoyantStep\Core\Progress\LoadStep;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** The mean effort of a session steers: below the range a step, above it an ease. Source: Zourdos 2016; practice. */
final class EffortSteered implements School
{
    public function code(): string
    {
        return 'effort_steered';
    }

    public function label(): string
    {
        return 'the effort steers';
    }

    public function serves(DoseKind $kind): bool
    {
        return ! $kind->isTimed();
    }

    public function propose(Course $course): Proposal
    {
        $effort = $course->dose->effort;
        $done = $course->judged();
        $mean = $done === [] ? 0.0 : $done[0]->meanEffort();
        $easy = GoodRun::of($course, static fn (Performed $p): bool => $p->meanEffort() <= $effort->lo - 1
            && $p->leastAmount() >= $course->dose->amount->lo && $p->carried($course->dose->resistanceG()));
        $because = [new Reason('log', 'mean_effort', sprintf(
            'Mean RPE %s, asked for %s; %d of %d sessions running at %d or less.',
            Mass::trim(number_format($mean, 1, '.', '')), $effort->label(),
            min($easy, $course->goodSessionsNeeded()), $course->goodSessionsNeeded(), $effort->lo - 1,
        ), 'Zourdos 2016')];
        if ($done !== [] && $mean >= $effort->hi + 1) {
            return Easing::oneLever($course, $because);
        }

        return $easy < $course->goodSessionsNeeded()
            ? GoodRun::notYet($course, $because)
            : LoadStep::propose($course, $because);
    }
}
