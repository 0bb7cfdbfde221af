<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/**
 * What wins over any school, in this order: a red flag; a session called off (never a failure); pain over the
 * ceiling or worse next morning; RPE of 9 or more above the goal's range, or form that broke in two sets; missed time.
 */
final class Brakes
{
    private const HARD_EFFORT = 9;

    private const BROKEN_SETS = 2;

    public static function apply(Course $course): ?Proposal
    {
        return self::stopSign($course) ?? self::calledOff($course) ?? self::pain($course) ?? self::tooHard($course)
            ?? Missed::apply($course) ?? self::byHand($course);
    }

    private static function stopSign(Course $course): ?Proposal
    {
        foreach ($course->history as $session) {
            if ($session->stopSign) {
                return new Proposal(Decision::Stop, null, $course->dose, [
                    new Reason(
                        'log',
                        'brake.stop_sign',
                        sprintf(
                            'A red flag was noted on %s. Nothing resumes until a clinician has cleared it.',
                            $session->date->label(),
                        ),
                        'House convention, cautious',
                    ),
                ], otherwise: 'A clinician\'s clearance, recorded, lifts this.');
            }
        }

        return null;
    }

    private static function calledOff(Course $course): ?Proposal
    {
        if ($course->history === []) {
            return new Proposal(
                Decision::Stay, null, $course->dose, [new Reason('log', 'no_sessions', 'No session logged yet.')],
                otherwise: 'Log a session first.',
            );
        }
        $latest = $course->history[0];
        if ($latest->skipped === null) {
            return null;
        }

        return new Proposal(Decision::Stay, null, $course->dose, [
            new Reason(
                'log',
                'brake.called_off',
                sprintf(
                    'The session on %s was called off (%s): not counted, and no step straight after it.',
                    $latest->date->label(),
                    $latest->skipped,
                ),
            ),
        ], otherwise: 'The next session done decides.');
    }

    /** Where effort is paid for days later, no rule steps: only a clinician's hand does (NICE NG206). */
    private static function byHand(Course $course): ?Proposal
    {
        if (! $course->limits->envelope->is(ConditionTrait::StepsByHand)) {
            return null;
        }
        $says = 'Worse 12-72 h after effort: no step by rule.';

        return new Proposal(
            Decision::Stay, null, $course->dose, [new Reason('limit', 'brake.by_hand', $says, 'NICE NG206')],
            otherwise: 'A step is for the clinician to make by hand.',
        );
    }

    private static function pain(Course $course): ?Proposal
    {
        $ceiling = PainRule::ceiling($course->client, $course->limits->envelope, $course->on);
        $done = $course->done();
        $broken = $done === [] ? null : PainRule::broken($done[0], $ceiling);
        if ($broken === null) {
            return null;
        }
        $because = [new Reason('log', 'brake.pain', $broken, PainRule::SOURCE)];
        $twice = isset($done[1]) && PainRule::broken($done[1], $ceiling) !== null;
        if ($twice) {
            $because[] = new Reason(
                'rule',
                'brake.pain_twice',
                'Twice running: review the exercise; no better within a week, have it examined.',
                PainRule::SOURCE,
            );
        }

        return Easing::oneLever($course, $because, $twice);
    }

    private static function tooHard(Course $course): ?Proposal
    {
        $done = $course->done();
        if ($done === []) {
            return null;
        }
        $hardest = $done[0]->hardestEffort();
        if ($hardest >= self::HARD_EFFORT && $hardest > $course->dose->effort->hi) {
            $says = sprintf(
                'RPE reached %s, above the range of %s.', Mass::trim(number_format($hardest, 1, '.', '')),
                $course->dose->effort->label(),
            );

            return Easing::oneLever($course, [new Reason('log', 'brake.too_hard', $says)]);
        }
        if (! self::broke($done[0])) {
            return null;
        }
        $because = [
            new Reason('log', 'brake.form', sprintf('Form broke in %d sets.', $done[0]->brokenSets())),
        ];
        if (isset($done[1]) && self::broke($done[1])) {
            return Easing::oneLever($course, [...$because, new Reason('log', 'brake.form_twice', 'Twice running.')]);
        }

        return new Proposal(
            Decision::Stay, null, $course->dose, $because, otherwise: 'Steady form lets it move again.',
        );
    }

    private static function broke(Performed $session): bool
    {
        return $session->brokenSets() >= self::BROKEN_SETS;
    }
}
