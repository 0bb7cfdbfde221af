<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Exercises\Pattern;

/**
 * Shoulders that push a wheelchair all day pull more than they push: the sets of pulling are at least 1.5 times those
 * of pushing. House figure; Martin Ginis 2018 and the PVA upper-limb guideline ask for the balance.
 */
final class PullOverPush
{
    public const TIMES = 1.5;

    /**
     * Sets of pushing are taken off, the last exercise's first; one is left of each.
     *
     * @param  list<PlanItem>  $items
     * @return list<PlanItem>
     */
    public static function of(array $items): array
    {
        for ($i = count($items) - 1; $i >= 0; $i--) {
            while (! self::holds($items) && $items[$i]->family->pattern === Pattern::Push) {
                $sets = $items[$i]->dose->sets;
                if ($sets === 1) {
                    break;
                }
                $fewer = $items[$i]->withDose($items[$i]->dose->with(sets: $sets - 1));
                $items = array_values(array_replace($items, [$i => $fewer]));
            }
        }

        return $items;
    }

    /** @param  list<PlanItem>  $items */
    public static function holds(array $items): bool
    {
        return self::sets($items, Pattern::Pull) >= self::TIMES * self::sets($items, Pattern::Push);
    }

    /** @param  list<PlanItem>  $items */
    private static function sets(array $items, Pattern $pattern): int
    {
        $sets = array_map(
            static fn (PlanItem $i): int => $i->family->pattern === $pattern ? $i->dose->sets : 0, $items,
        );

        return array_sum($sets);
    }
}
