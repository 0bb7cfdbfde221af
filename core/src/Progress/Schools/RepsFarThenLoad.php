<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\Schools;

use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Easing;
use BuoyantStep\Core\Progress\GoodRun;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Progress\LoadStep;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Light and many: reps from 10 to 25, then the next load at 10. Source: the light-many school; practice. */
final class RepsFarThenLoad implements School
{
    private const LO = 10;

    private const HI = 25;

    public function code(): string
    {
        return 'reps_far_then_load';
    }

    public function label(): string
    {
        return 'reps up to 25, then load';
    }

    public function serves(DoseKind $kind): bool
    {
        return $kind === DoseKind::Reps;
    }

    public function propose(Course $course): Proposal
    {
        $run = GoodRun::length($course);
        $because = [new Reason('log', 'good_sessions', GoodRun::says($course, $run), 'Practice')];
        if ($run < $course->goodSessionsNeeded()) {
            return Easing::whenShort($course, $because) ?? GoodRun::notYet($course, $because);
        }
        $top = min(self::HI, $course->limits->number(Field::RepsMax) ?? self::HI);
        $amount = $course->dose->amount;
        if ($amount->hi < $top) {
            $says = new Reason('rule', 'reps.far', sprintf('Reps grow to %d before the load does.', $top), 'Practice');

            return new Proposal(
                Decision::StepUp, Lever::Reps,
                $course->dose->with(amount: new Span(min($amount->lo, self::LO), min($top, $amount->hi + 2))),
                [...$because, $says],
            );
        }

        return LoadStep::propose($course, $because);
    }
}
