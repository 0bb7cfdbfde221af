<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Units\Reason;
use Closure;

/**
 * How many sessions running, newest first, had every set at the top of the range, at the load, without too much
 * effort.
 */
final class GoodRun
{
    public static function length(Course $course): int
    {
        return self::of($course, static fn (Performed $session): bool => self::isGood($course, $session));
    }

    /** @param  Closure(Performed): bool  $isGood */
    public static function of(Course $course, Closure $isGood): int
    {
        $run = 0;
        foreach ($course->judged() as $session) {
            if (! $isGood($session)) {
                break;
            }
            $run++;
        }

        return $run;
    }

    private static function isGood(Course $course, Performed $session): bool
    {
        $dose = $course->dose;
        foreach ($session->sets as $set) {
            if (! $set->kind->isToldAs($dose->kind) || $set->amount < $dose->amount->hi
                || $set->effort > $dose->effort->hi) {
                return false;
            }
        }

        return count($session->sets) >= $dose->sets && $session->carried($dose->resistanceG());
    }

    public static function says(Course $course, int $run): string
    {
        return sprintf(
            '%d of %d good sessions running (every set at %d, RPE %d or less).',
            min($run, $course->goodSessionsNeeded()),
            $course->goodSessionsNeeded(),
            $course->dose->amount->hi,
            $course->dose->effort->hi,
        );
    }

    /** @param  list<Reason>  $because */
    public static function notYet(Course $course, array $because): Proposal
    {
        return new Proposal(Decision::Stay, null, $course->dose, $because, otherwise: sprintf(
            '%d good sessions running would step it up.', $course->goodSessionsNeeded(),
        ));
    }
}
