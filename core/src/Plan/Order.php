<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Plan\Session\Part;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;

/**
 * The order of a session: warm-up; power and balance while fresh; standing, then seated, then lying work, so that
 * nobody goes to the floor twice; large patterns before smaller ones. In a circuit and in pairs neighbours train
 * different regions as far as may be. Source: practice.
 */
final class Order
{
    /**
     * @param  list<PlanItem>  $items
     * @return list<PlanItem>
     */
    public static function of(array $items, Structure $structure): array
    {
        $patterns = array_column(Pattern::cases(), 'value');
        $rank = static fn (PlanItem $i): array => [
            self::stage($i), self::low($i), (int) array_search($i->family->pattern->value, $patterns, true),
        ];
        usort($items, static fn (PlanItem $a, PlanItem $b): int => $rank($a) <=> $rank($b));
        if ($structure === Structure::Straight) {
            return $items;
        }
        $ordered = [];
        while ($items !== []) {
            $next = self::next($items, $ordered[count($ordered) - 1] ?? null);
            $ordered[] = $items[$next];
            array_splice($items, $next, 1);
        }

        return $ordered;
    }

    /**
     * The first of those that are done in the same place and part as the first one, and train another region than the
     * last.
     *
     * @param  non-empty-list<PlanItem>  $items
     */
    private static function next(array $items, ?PlanItem $last): int
    {
        if ($last === null) {
            return 0;
        }
        foreach ($items as $i => $item) {
            $isAlike = self::stage($item) === self::stage($items[0]) && self::low($item) === self::low($items[0]);
            if ($isAlike && ! self::region($item)->touches(self::region($last))) {
                return $i;
            }
        }

        return 0;
    }

    private static function region(PlanItem $item): Region
    {
        return $item->rung->demands->scope()->region;
    }

    /** 0 warm-up, 1 power and balance, 2 all else, 3 cool-down. */
    private static function stage(PlanItem $item): int
    {
        return match (Timed::item($item)->part()) {
            Part::WarmUp => 0,
            Part::CoolDown => 3,
            default => in_array($item->family->pattern, [Pattern::Power, Pattern::Balance], true) ? 1 : 2,
        };
    }

    /** 0 standing, 1 seated, 2 lying or kneeling, 3 what goes to the floor. */
    private static function low(PlanItem $item): int
    {
        $demands = $item->rung->demands;

        return match (true) {
            $demands->setting->floorTransfer => 3,
            $demands->movement->position === Position::Standing => 0,
            $demands->movement->position === Position::Seated => 1,
            default => 2,
        };
    }
}
