<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\EasierWeek;
use BuoyantStep\Core\Units\Reason;

/** No step for four weeks of good adherence: another lever, an easier week or a re-test. House convention. */
final class Plateau
{
    private const DAYS = 28;

    /** Fewer sessions than this in four weeks are no good adherence. */
    private const SESSIONS = 6;

    /** What stays as it is for four weeks never stays without an offer. */
    public static function look(Course $course, Proposal $proposal): Proposal
    {
        // What prepares is not progressed: it stands still by intent.
        if ($course->limits->goal?->isPreparation() === true) {
            return $proposal;
        }
        $stood = $course->atThisDose();
        $first = $stood[count($stood) - 1] ?? null;
        if ($proposal->decision !== Decision::Stay || $first === null || count($stood) < self::SESSIONS) {
            return $proposal;
        }
        $days = $first->date->daysTo($course->on);
        if ($days < self::DAYS) {
            return $proposal;
        }
        $says = sprintf('No step for %d weeks: another lever, an easier week or a fresh test.', intdiv($days, 7));
        $easier = EasierWeek::of($course->dose);
        $offers = $easier->sets === $course->dose->sets ? [] : [new Offered(
            'deload', sprintf('An easier week: %d sets, then as before.', $easier->sets), $easier,
        )];

        return $proposal->withDose($proposal->dose, [new Reason('rule', 'plateau', $says, 'House convention')])
            ->offering([...$offers, new Offered('retest', 'Measure again: an easy set, or the test that seeds it.')]);
    }
}
