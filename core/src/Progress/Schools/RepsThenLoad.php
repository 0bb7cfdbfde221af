<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\Schools;

use BuoyantStep\Core\Dose\Bridge;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Easing;
use BuoyantStep\Core\Progress\GoodRun;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * Reps up to the top of the range, then the next load at its bottom; when that load is more than a step away, more
 * reps first (the bridge). Without a load the next lever is a harder rung. Source: ACSM 2009 position stand (double
 * progression).
 */
final class RepsThenLoad implements School
{
    private const NO_LOAD = 'No load to raise here: the next lever is a harder rung.';

    private const NO_ESTIMATE = 'A limit caps the share of the 1RM and there is no usable estimate: measure an easy '
        .'set '
        .'before the load rises.';

    private const SOURCE = 'ACSM 2009 position stand';

    /** Steps and trips grow no further than this when the next load is too far. */
    private const MOST_STEPS = 30;

    /**
     * Less than this is no step: a rich kit has loads ten grams apart. Source: ACSM 2009 position stand, 2-10 % at a
     * time.
     */
    private const LEAST_STEP_PCT = 2;

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
        return $kind !== DoseKind::Seconds;
    }

    public function propose(Course $course): Proposal
    {
        $run = GoodRun::length($course);
        $because = [new Reason('log', 'good_sessions', GoodRun::says($course, $run), self::SOURCE)];
        if ($run < $course->goodSessionsNeeded()) {
            return $this->notYet($course, $because);
        }
        if ($course->dose->loadG === null) {
            return new Proposal(
                Decision::StepUp,
                'rung',
                $course->dose,
                [...$because, new Reason('rule', 'lever.rung', self::NO_LOAD, self::SOURCE)],
            );
        }
        if ($course->isBlind()) {
            return new Proposal(
                Decision::Retest,
                null,
                $course->dose,
                [...$because, new Reason('rule', 'no_estimate', self::NO_ESTIMATE, 'House convention, cautious')],
                otherwise: 'An easy set with a usable estimate opens the load.',
            );
        }

        return $this->nextLoad($course, $course->dose->loadG, $because);
    }

    /** @param  list<Reason>  $because */
    private function notYet(Course $course, array $because): Proposal
    {
        $done = $course->done();
        $short = static fn (int $i): bool => isset($done[$i]) && $done[$i]->leastAmount() < $course->dose->amount->lo;
        if ($short(0) && $short(1)) {
            return Easing::oneLever(
                $course,
                [
                    ...$because,
                    new Reason('log', 'below_range', sprintf('Below %d twice running.', $course->dose->amount->lo)),
                ],
            );
        }

        return new Proposal(
            Decision::Stay,
            null,
            $course->dose,
            $because,
            otherwise: sprintf('%d good sessions running would step it up.', $course->goodSessionsNeeded()),
        );
    }

    /** @param  list<Reason>  $because */
    private function nextLoad(Course $course, int $load, array $because): Proposal
    {
        $next = self::above($course->ladderG ?? [], $load);
        if ($next === null) {
            return self::outgrown($course, $load, $because);
        }
        $cap = $course->loadCapG();
        if ($cap !== null && $next > $cap) {
            $says = sprintf('The next load, %s, is over the cap of %s.', Mass::say($next), Mass::say($cap));

            return new Proposal(
                Decision::Stay, null, $course->dose, [...$because, new Reason('limit', 'load_cap', $says)],
                otherwise: 'A confirmed change of the limit, or a lighter step, would open it.',
            );
        }
        $stepMax = $course->limits->number(Field::StepPctMax) ?? 10;
        // Integer arithmetic: 5 000 to 5 500 g is 10 % exactly and must not fail by a rounding error.
        if (($next - $load) * 100 <= $stepMax * $load) {
            $says = sprintf(
                'Next load here %s, +%s %%: within the step of %d %%.', Mass::say($next),
                round(($next / $load - 1) * 100, 1), $stepMax,
            );

            return $this->step($course, $next, [...$because, new Reason('kit', 'step.load', $says, self::SOURCE)]);
        }

        return $course->dose->kind === DoseKind::Reps
            ? $this->bridge($course, $load, $next, $stepMax, $because)
            : $this->further($course, $next, $stepMax, $because);
    }

    /** @param  list<Reason>  $because */
    private static function outgrown(Course $course, int $load, array $because): Proposal
    {
        $says = $course->ladderG === null
            ? 'No ladder of loads given: the next load cannot be chosen.'
            : sprintf(
                '%s is the heaviest load here: use a harder rung, a longer lever or a slower tempo, or buy the '
                    .'next piece.',
                Mass::say($load),
            );

        return new Proposal(
            Decision::Stay, null, $course->dose, [...$because, new Reason('kit', 'kit.outgrown', $says)],
            otherwise: 'A heavier makeable load would step it up.',
        );
    }

    /**
     * The next load that is a step, or else the heaviest there is.
     *
     * @param  list<int>  $ladderG  ascending
     */
    private static function above(array $ladderG, int $load): ?int
    {
        $next = null;
        foreach ($ladderG as $grams) {
            if ($grams > $load) {
                $next = $grams;
            }
            if (($grams - $load) * 100 >= self::LEAST_STEP_PCT * $load) {
                break;
            }
        }

        return $next;
    }

    /** @param  list<Reason>  $because */
    private function step(Course $course, int $next, array $because, ?Bridge $bridge = null): Proposal
    {
        return new Proposal(Decision::StepUp, 'load', $course->dose->with(loadG: $next), $because, $bridge);
    }

    /** @param  list<Reason>  $because */
    private function bridge(Course $course, int $load, int $next, int $stepMax, array $because): Proposal
    {
        $dose = $course->dose;
        $repsMax = $course->limits->number(Field::RepsMax);
        $bridge = Bridge::between($load, $next, $dose->amount->lo, EffortScale::reserve($dose->effort->hi), $repsMax);
        $because[] = new Reason(
            'kit',
            'bridge',
            sprintf(
                'The next load here is %s, +%d %%: more than the step of %d %%. %s',
                Mass::say($next),
                (int) round(($next / $load - 1) * 100),
                $stepMax,
                $bridge->says(),
            ),
            'Epley 1985',
        );
        if (! $bridge->reachable) {
            return new Proposal(
                Decision::Stay, null, $dose, $because, $bridge, 'A load between the two would step it up.',
            );
        }
        if ($bridge->reps <= $dose->amount->hi) {
            $says = sprintf('%d reps at %s are done: the bridge is crossed.', $dose->amount->hi, Mass::say($load));

            return $this->step($course, $next, [...$because, new Reason('log', 'bridged', $says)], $bridge);
        }

        return new Proposal(
            Decision::StepUp,
            'reps',
            $dose->with(amount: new Span($dose->amount->lo, $bridge->reps)),
            $because,
            $bridge,
        );
    }

    /** @param  list<Reason>  $because */
    private function further(Course $course, int $next, int $stepMax, array $because): Proposal
    {
        $dose = $course->dose;
        $because[] = new Reason(
            'kit',
            'step.too_far',
            sprintf('The next load here is %s, more than the step of %d %%.', Mass::say($next), $stepMax),
        );
        $more = Kinds::of($dose->kind)->increment();
        if ($more === null || $dose->amount->hi + $more > self::MOST_STEPS) {
            return new Proposal(
                Decision::Stay,
                null,
                $dose,
                $because,
                otherwise: 'A load between the two, or a harder rung, would step it up.',
            );
        }

        return new Proposal(
            Decision::StepUp,
            $dose->kind->value,
            $dose->with(amount: new Span($dose->amount->lo, $dose->amount->hi + $more)),
            $because,
        );
    }
}
