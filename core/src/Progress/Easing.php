<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** One lever down: a lighter load here; else one set fewer; else a rung down. */
final class Easing
{
    /** Less than this of all that is lifted is no relief, percent. House convention, cautious. */
    private const LEAST_PCT = 5;

    /** @param  list<Reason>  $because */
    public static function oneLever(Course $course, array $because, bool $review = false): Proposal
    {
        $dose = $course->dose;
        $lighter = self::below($course, self::LEAST_PCT);
        if ($lighter !== null) {
            $says = sprintf('Down to %s, the next load here that is lighter.', Mass::say($lighter));

            return new Proposal(
                Decision::Ease, LoadStep::lever($dose), $dose->resisting($lighter),
                [...$because, new Reason('rule', 'ease.load', $says)], review: $review,
            );
        }
        if ($dose->sets > 1) {
            return new Proposal(
                Decision::Ease, Lever::Sets, $dose->with(sets: $dose->sets - 1),
                [...$because, new Reason('rule', 'ease.sets', 'One set fewer.')], review: $review,
            );
        }

        return self::rung($course, $because, $review);
    }

    /** @param  list<Reason>  $because */
    public static function rung(Course $course, array $because, bool $review = false): Proposal
    {
        return new Proposal(
            Decision::Ease, Lever::Rung, $course->dose,
            [...$because, new Reason('rule', 'ease.rung', 'Step down a rung.')],
            review: $review,
        );
    }

    /**
     * Twice running below the range: one lever down; null where it was not.
     *
     * @param  list<Reason>  $because
     */
    public static function whenShort(Course $course, array $because): ?Proposal
    {
        $done = $course->judged();
        $load = $course->dose->resistanceG();
        $short = static fn (int $i): bool => isset($done[$i]) && $done[$i]->leastAmount() < $course->dose->amount->lo
            && ($load === null || $done[$i]->wasAt($load));
        $says = sprintf('Below %d twice running.', $course->dose->amount->lo);

        return $short(0) && $short(1)
            ? self::oneLever($course, [...$because, new Reason('log', 'below_range', $says)])
            : null;
    }

    /**
     * So many percent of all that is lifted, or of the seconds, taken off: the nearest load below; without one that is
     * light enough an easier rung.
     *
     * @param  list<Reason>  $because
     */
    public static function byPercent(Course $course, int $percent, array $because): Proposal
    {
        $dose = $course->dose;
        $load = $dose->resistanceG();
        if ($load !== null) {
            $system = $course->limits->system;
            $most = $system->loadFor($system->with($load) * (100 - $percent) / 100);
            $lighter = self::atMost($course, $most);

            return $lighter === null
                ? self::rung($course, $because)
                : new Proposal(Decision::Ease, LoadStep::lever($dose), $dose->resisting($lighter), $because);
        }
        if ($dose->kind->isTimed()) {
            return new Proposal(Decision::Ease, Lever::Seconds, self::less($dose, $percent), $because);
        }

        return self::rung($course, $because);
    }

    /**
     * The lightest load here, and so many percent fewer of what is counted, not below what a limit asks for; a set
     * fewer where that is no less.
     */
    public static function fewer(Course $course, int $percent): Dose
    {
        $dose = $course->dose;
        $less = self::less($dose, $percent);
        $least = $dose->kind === DoseKind::Reps ? $course->limits->number(Field::RepsMin) ?? 1 : 1;
        $lo = max($less->amount->lo, min($least, $dose->amount->lo));
        $fewer = $dose->with(amount: new Span($lo, max($lo, $less->amount->hi)));
        $lightest = $course->ladderG === null || $course->ladderG === [] ? null : min($course->ladderG);
        if ($lightest !== null && $lightest < ($dose->resistanceG() ?? 0)) {
            $fewer = $fewer->resisting($lightest);
            $dose = $dose->resisting($lightest);
        }

        return $fewer->amount->hi < $dose->amount->hi || $dose->sets === 1
            ? $fewer : $dose->with(sets: $dose->sets - 1);
    }

    private static function less(Dose $dose, int $percent): Dose
    {
        $less = static fn (int $n): int => max(1, intdiv($n * (100 - $percent), 100));

        return $dose->with(amount: new Span($less($dose->amount->lo), $less($dose->amount->hi)));
    }

    /** The heaviest load here that is no more than this; null when all are. */
    private static function atMost(Course $course, float $grams): ?int
    {
        $found = null;
        foreach ($course->ladderG ?? [] as $load) {
            $found = $load <= $grams ? $load : $found;
        }

        return $found;
    }

    /** The next load that is a relief, or else the lightest there is. */
    private static function below(Course $course, int $percent): ?int
    {
        $load = $course->dose->resistanceG() ?? 0;
        $lighter = null;
        foreach ($course->ladderG ?? [] as $grams) {
            $relief = -$course->limits->system->stepPct($load, $grams);
            if ($grams < $load && ($lighter === null || $relief >= $percent)) {
                $lighter = $grams;
            }
        }

        return $lighter;
    }
}
