<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Units\Reason;

/**
 * Time that was missed: 7-13 days repeat the last dose, 14-20 take off 10 %, 21-27 take off 20 %, from 28 on a re-test
 * and a restart 30 % lower. House convention.
 */
final class Missed
{
    private const REPEAT_DAYS = 7;

    /** Once a week is no miss. */
    private const REPEAT_DAYS_WEEKLY = 10;

    /** @var array<int, int> days from which so many percent come off, longest first */
    private const LESS = [21 => 20, 14 => 10];

    private const RETEST_DAYS = 28;

    private const RESTART_PCT = 30;

    private const SOURCE = 'House convention, cautious';

    public static function apply(Course $course): ?Proposal
    {
        $days = $course->daysSinceDone();
        $from = $course->dose->daysAWeek <= 1 ? self::REPEAT_DAYS_WEEKLY : self::REPEAT_DAYS;
        if ($days === null || $days < $from) {
            return self::firstBack($course, $from);
        }
        $because = [new Reason('log', 'brake.missed', sprintf('Last done %d days ago.', $days), self::SOURCE)];
        if ($days >= self::RETEST_DAYS) {
            $lower = Easing::byPercent($course, self::RESTART_PCT, []);
            // Where no load is light enough, or none is lifted, less is done instead: the dose of five weeks ago is not
            // where somebody starts again.
            $isLower = $lower->lever !== Lever::Rung;
            $restart = $isLower ? $lower->dose : Easing::fewer($course, self::RESTART_PCT);
            $says = sprintf('Four weeks or more: measure again, and restart %s.', $isLower
                ? sprintf('%d %% lower', self::RESTART_PCT)
                : sprintf('with %s, about %d %% less', $restart->amountLabel(), self::RESTART_PCT));

            return new Proposal(
                Decision::Retest, Lever::Measure, $restart,
                [...$because, new Reason('rule', 'missed.retest', $says, self::SOURCE)],
                otherwise: 'A fresh test decides the load.', review: true,
            );
        }
        foreach (self::LESS as $least => $percent) {
            if ($days >= $least) {
                $says = sprintf('%d %% less of all that is lifted, or one easier rung.', $percent);

                return Easing::byPercent(
                    $course, $percent, [...$because, new Reason('rule', 'missed.less', $says, self::SOURCE)],
                );
            }
        }

        return new Proposal(
            Decision::Stay, null, $course->dose, $because, otherwise: 'The last dose once more; then it may move.',
        );
    }

    /** The first session back counts, and nothing steps on it. */
    private static function firstBack(Course $course, int $from): ?Proposal
    {
        $gap = $course->lastGap();
        if ($gap === null || $gap < $from) {
            return null;
        }
        $says = sprintf('The first session after %d days: it counts, and nothing steps on it.', $gap);

        return new Proposal(
            Decision::Stay, null, $course->dose, [new Reason('log', 'brake.first_back', $says, self::SOURCE)],
            otherwise: 'One more session like it lets it move again.',
        );
    }
}
