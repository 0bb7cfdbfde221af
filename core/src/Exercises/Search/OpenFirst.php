<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Search;

/** What is open for a client comes first, as long as it answers about as well as the best. */
final class OpenFirst
{
    /** A find of less than this share of the best one's score is a guess, and stays behind the others. House choice. */
    private const CLOSE = 0.7;

    /**
     * @param  list<Found>  $found  best first
     * @param  callable(string, string): (bool|null)  $isOpen  of a family and a rung; null for nobody in particular
     * @return list<Found> those that are close and open, those that are close, the rest
     */
    public static function order(array $found, callable $isOpen): array
    {
        $best = $found === [] ? 0.0 : $found[0]->score;
        $class = static function (Found $f) use ($best, $isOpen): int {
            if ($f->score < self::CLOSE * $best) {
                return 2;
            }
            foreach ($f->rungs as $rung) {
                if ($isOpen($f->family, $rung) !== false) {
                    return 0;
                }
            }

            return 1;
        };
        $classes = array_map($class, $found);
        array_multisort($classes, SORT_ASC, array_keys($found), SORT_ASC, $found);

        return $found;
    }
}
