<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;

/** One lever down: a lighter load here; else one set fewer; else a rung down. */
final class Easing
{
    /** Less than this is no relief: a rich kit has loads ten grams apart. House convention, cautious. */
    private const LEAST_PCT = 5;

    /** @param  list<Reason>  $because */
    public static function oneLever(Course $course, array $because, bool $review = false): Proposal
    {
        $dose = $course->dose;
        $lighter = self::below($course->ladderG ?? [], $dose->loadG ?? 0);
        if ($lighter !== null) {
            return new Proposal(
                Decision::Ease,
                'load',
                $dose->with(loadG: $lighter),
                [
                    ...$because,
                    new Reason(
                        'rule',
                        'ease.load',
                        sprintf('Down to %s, the next load here that is lighter.', Mass::say($lighter)),
                    ),
                ],
                review: $review,
            );
        }
        if ($dose->sets > 1) {
            return new Proposal(
                Decision::Ease,
                'sets',
                $dose->with(sets: $dose->sets - 1),
                [...$because, new Reason('rule', 'ease.sets', 'One set fewer.')],
                review: $review,
            );
        }

        return new Proposal(
            Decision::Ease,
            'rung',
            $dose,
            [...$because, new Reason('rule', 'ease.rung', 'Step down a rung.')],
            review: $review,
        );
    }

    /**
     * The next load that is a relief, or else the lightest there is.
     *
     * @param  list<int>  $ladderG  ascending
     */
    private static function below(array $ladderG, int $load): ?int
    {
        $lighter = null;
        foreach ($ladderG as $grams) {
            if ($grams < $load && ($lighter === null || ($load - $grams) * 100 >= self::LEAST_PCT * $load)) {
                $lighter = $grams;
            }
        }

        return $lighter;
    }
}
