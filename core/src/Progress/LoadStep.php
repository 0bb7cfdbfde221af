<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Dose\Bridge;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * The next load: the heaviest that is within one step of all that is lifted; where the next that can be made is
 * further,
 * more reps first (the bridge); where none is to be had, the rung. Source: ACSM 2009 position stand, 2-10 % at a time.
 */
final class LoadStep
{
    private const SOURCE = 'ACSM 2009 position stand';

    private const NO_LOAD = 'No load to raise here: the next lever is a harder rung.';

    private const NO_ESTIMATE = 'A limit caps the share of the 1RM and there is no usable estimate: measure an easy '
        .'set before the load rises.';

    private const NO_SCALE = 'A limit caps the load here and nobody has measured this band: pull it on a luggage scale '
        .'before it is stretched further.';

    private const FURTHER = 'By feel, as nobody has measured this band: a hand\'s width further away, or gripped a '
        .'hand\'s width shorter.';

    /** Steps and trips grow no further than this when the next load is too far. */
    private const MOST_STEPS = 30;

    /** Less than this of all that is lifted is no step, percent. */
    private const LEAST_STEP_PCT = 2;

    /** @param  list<Reason>  $because */
    public static function propose(Course $course, array $because): Proposal
    {
        $load = $course->dose->resistanceG();
        if ($load === null && $course->byFeel) {
            return self::byFeel($course, $because);
        }
        if ($load === null) {
            return self::rung($course, [...$because, new Reason('rule', 'lever.rung', self::NO_LOAD, self::SOURCE)]);
        }
        if ($course->isBlind()) {
            return new Proposal(
                Decision::Retest, Lever::Measure, $course->dose,
                [...$because, new Reason('rule', 'no_estimate', self::NO_ESTIMATE, 'House convention, cautious')],
                otherwise: 'An easy set with a usable estimate opens the load.',
            );
        }
        $next = self::next($course, $load);

        return $next === null ? self::outgrown($course, $load, $because) : self::to($course, $load, $next, $because);
    }

    /**
     * A band that nobody has measured, a hand's width further: its pull is steered by the effort.
     *
     * @param  list<Reason>  $because
     */
    private static function byFeel(Course $course, array $because): Proposal
    {
        if ($course->loadCapG() !== null || $course->limits->isBlind()) {
            return new Proposal(
                Decision::Retest, Lever::Measure, $course->dose,
                [...$because, new Reason('kit', 'no_scale', self::NO_SCALE, 'House convention, cautious')],
                otherwise: 'A pull read from a luggage scale opens it.',
            );
        }

        return new Proposal(
            Decision::StepUp, Lever::Pull, $course->dose,
            [...$because, new Reason('kit', 'pull.by_feel', self::FURTHER, 'House convention, cautious')],
            otherwise: 'Measured on a luggage scale, its steps could be counted.',
        );
    }

    /**
     * The heaviest load within one step, or else the next there is; null when there is none.
     */
    private static function next(Course $course, int $load): ?int
    {
        return self::nextOf(
            $course->ladderG ?? [], $load, $course->limits->system, $course->stepMax(), $course->loadCapG(),
        );
    }

    /**
     * @param  list<int>  $ladderG  what can be made, ascending
     * @param  int  $stepMax  the largest step of all that is lifted, percent
     */
    public static function nextOf(array $ladderG, int $load, SystemLoad $system, int $stepMax, ?int $cap): ?int
    {
        $within = $first = $least = null;
        foreach ($ladderG as $grams) {
            if ($grams <= $load) {
                continue;
            }
            $pct = $system->stepPct($load, $grams);
            $first ??= $grams;
            $least ??= $pct >= self::LEAST_STEP_PCT ? $grams : null;
            // By the gram: 5 000 to 5 500 g is 10 % exactly and must not fail by a rounding error.
            if ($pct <= $stepMax + 1e-9 && ($cap === null || $grams <= $cap)) {
                $within = $grams;
            }
        }

        return $within !== null && $system->stepPct($load, $within) >= self::LEAST_STEP_PCT
            ? $within : $least ?? $within ?? $first;
    }

    /** @param  list<Reason>  $because */
    private static function to(Course $course, int $load, int $next, array $because): Proposal
    {
        $cap = $course->loadCapG();
        if ($cap !== null && $next > $cap) {
            $says = sprintf('The next load, %s, is over the cap of %s.', Mass::say($next), Mass::say($cap));

            return new Proposal(
                Decision::Stay, null, $course->dose, [...$because, new Reason('limit', 'step.cap', $says)],
                otherwise: 'A confirmed change of the limit, or a lighter step, would open it.',
            );
        }
        $pct = $course->limits->system->stepPct($load, $next);
        if ($pct <= $course->stepMax() + 1e-9) {
            $moved = $course->limits->system->says($next);
            $says = sprintf(
                'Next load here %s, +%s %%: within the step of %d %%%s.', Mass::say($next),
                Mass::trim(number_format($pct, 1, '.', '')), $course->stepMax(), $moved === null ? '' : '; '.$moved,
            );

            return self::step($course, $next, [...$because, new Reason('kit', 'step.load', $says, self::SOURCE)]);
        }

        return $course->dose->kind === DoseKind::Reps
            ? self::bridge($course, $load, $next, $pct, $because)
            : self::further($course, $next, $because);
    }

    /** @param  list<Reason>  $because */
    public static function rung(Course $course, array $because): Proposal
    {
        return new Proposal(Decision::StepUp, Lever::Rung, $course->dose, $because);
    }

    /** @param  list<Reason>  $because */
    private static function outgrown(Course $course, int $load, array $because): Proposal
    {
        if ($course->ladderG === null) {
            $says = 'No ladder of loads given: the next load cannot be chosen.';

            return new Proposal(
                Decision::Stay, null, $course->dose, [...$because, new Reason('kit', 'kit.outgrown', $says)],
                otherwise: 'A heavier makeable load would step it up.',
            );
        }
        $says = sprintf('%s is the heaviest load here: a harder rung is next, or a heavier piece.', Mass::say($load));

        return self::rung($course, [...$because, new Reason('kit', 'kit.outgrown', $says)]);
    }

    /** A band's load is its pull. */
    public static function lever(Dose $dose): Lever
    {
        return $dose->pullN === null ? Lever::Load : Lever::Pull;
    }

    /** @param  list<Reason>  $because */
    private static function step(Course $course, int $next, array $because, ?Bridge $bridge = null): Proposal
    {
        return new Proposal(
            Decision::StepUp, self::lever($course->dose), $course->dose->resisting($next), $because, $bridge,
        );
    }

    /** @param  list<Reason>  $because */
    private static function bridge(Course $course, int $load, int $next, float $pct, array $because): Proposal
    {
        $dose = $course->dose;
        $bridge = Bridge::between(
            $load, $next, $dose->amount->lo, EffortScale::reserve($dose->effort->hi),
            $course->limits->number(Field::RepsMax), $course->limits->system,
        );
        $because[] = new Reason('kit', 'bridge', sprintf(
            'The next load here is %s, +%d %%: more than the step of %d %%. %s', Mass::say($next), (int) round($pct),
            $course->stepMax(), $bridge->says(),
        ), 'Epley 1985; Brzycki 1993');
        if (! $bridge->reachable) {
            return self::rung($course, $because);
        }
        if ($bridge->reps <= $dose->amount->hi) {
            $says = sprintf('%d reps at %s are done: the bridge is crossed.', $dose->amount->hi, Mass::say($load));

            return self::step($course, $next, [...$because, new Reason('log', 'bridged', $says)], $bridge);
        }

        return new Proposal(
            Decision::StepUp, Lever::Reps, $dose->with(amount: new Span($dose->amount->lo, $bridge->reps)), $because,
            $bridge,
        );
    }

    /** @param  list<Reason>  $because */
    private static function further(Course $course, int $next, array $because): Proposal
    {
        $dose = $course->dose;
        $because[] = new Reason('kit', 'step.too_far', sprintf(
            'The next load here is %s, more than the step of %d %%.', Mass::say($next), $course->stepMax(),
        ));
        $more = Kinds::of($dose->kind)->increment();
        if ($more === null || $dose->amount->hi + $more > self::MOST_STEPS) {
            return self::rung($course, $because);
        }

        return new Proposal(
            Decision::StepUp, Lever::from($dose->kind->value),
            $dose->with(amount: new Span($dose->amount->lo, $dose->amount->hi + $more)), $because,
        );
    }
}
