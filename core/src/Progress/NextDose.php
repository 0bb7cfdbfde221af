<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Reasons;

/** Brakes first, then what the limits are now, then the school, then the limits once more over whatever came out. */
final class NextDose
{
    private const AT_ONCE = 'Applied when accepted: the limits are tighter now.';

    public static function propose(School $school, Course $course): Proposal
    {
        $proposal = Brakes::apply($course) ?? self::tightened($course)
            ?? Plateau::look($course, $school->propose($course));
        $because = new Reasons;
        $dose = $course->limits->cut($proposal->dose, $because, $course->ladderG ?? []);
        $cap = $course->limits->cap($dose->per);
        if ($proposal->decision !== Decision::Stop && $cap->forbids($dose->resistanceG())) {
            // Nothing that can be made here is light enough: the body alone, on an easier rung.
            $limit = $cap->limit === null ? [] : [$cap->limit->asReason()];

            return Easing::rung($course->withDose($dose), [...$proposal->because, ...$limit]);
        }

        // What a brake keeps as it is comes down to a limit nevertheless, and is accepted like any change.
        return $proposal->decision === Decision::Stay && $dose != $course->dose
            ? new Proposal(
                Decision::Ease, Lever::Limit, $dose, [...$proposal->because, ...$because->all()],
                otherwise: self::AT_ONCE, review: $proposal->review,
            )
            : $proposal->withDose($dose, $because->all());
    }

    /** Where the limits have come down below the dose, it is dosed again at once. */
    private static function tightened(Course $course): ?Proposal
    {
        $because = new Reasons;
        $dose = $course->limits->cut($course->dose, $because, $course->ladderG ?? []);

        return $dose == $course->dose ? null : new Proposal(
            Decision::Ease, Lever::Limit, $dose, $because->all(),
            otherwise: self::AT_ONCE,
        );
    }
}
