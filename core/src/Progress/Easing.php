<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;

/** One lever down: the next lighter load here; else one set fewer; else a rung down. */
final class Easing
{
    /** @param  list<Reason>  $because */
    public static function oneLever(Course $course, array $because, bool $review = false): Proposal
    {
        $dose = $course->dose;
        $lighter = null;
        foreach ($course->ladderG ?? [] as $grams) {
            if ($dose->loadG !== null && $grams < $dose->loadG) {
                $lighter = $grams;
            }
        }
        if ($lighter !== null) {
            return new Proposal(Decision::Ease, 'load', $dose->with(loadG: $lighter), [...$because, new Reason('rule', 'ease.load', sprintf('Down to %s, the next lighter load here.', Mass::say($lighter)))], review: $review);
        }
        if ($dose->sets > 1) {
            return new Proposal(Decision::Ease, 'sets', $dose->with(sets: $dose->sets - 1), [...$because, new Reason('rule', 'ease.sets', 'One set fewer.')], review: $review);
        }

        return new Proposal(Decision::Ease, 'rung', $dose, [...$because, new Reason('rule', 'ease.rung', 'Step down a rung.')], review: $review);
    }
}
