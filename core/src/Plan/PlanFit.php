<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Days\WeekSessions;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;

/** Does a plan that was made earlier still fit the limits, the home and the kit of this day? */
final readonly class PlanFit
{
    public function __construct(private Situation $situation)
    {
    }

    /**
     * @param  list<Planned>  $items
     * @return list<string> what no longer fits, in words, each with the name of its exercise
     */
    public function breaches(array $items): array
    {
        $found = [];
        foreach ($items as $item) {
            foreach ($this->ofOne($item) as $says) {
                $found[] = $item->rung->name.': '.$says;
            }
        }

        return $found;
    }

    /** @return list<string> the same of one exercise, without its name */
    public function ofOne(Planned $item): array
    {
        $here = $this->situation->at($item->family, $item->rung);
        if ($here->isOut()) {
            return [$here->whyOut()];
        }
        $lacks = $here->lacks();

        return [
            ...($lacks === null ? [] : [$lacks]),
            ...self::sides($here, $item),
            ...(new DoseFaults($here, $item->goal))->since($item->dose),
        ];
    }

    /** @return list<string> sides that are out, and changes that the client was never told of */
    private static function sides(RungHere $here, Planned $item): array
    {
        $found = [];
        foreach ($item->sides as $side) {
            $verdict = $here->verdict($side);
            if ($verdict?->isOut() === true) {
                $found[] = sprintf('%s side: %s', $side->value, $verdict->says());
            }
        }
        foreach ($here->furtherChanges($item->sides, $item->made) as $change) {
            $found[] = 'only with a change: '.$change->says();
        }

        return $found;
    }

    /** May the dose that was planned stand beside what these limits and this kit make of the exercise now? */
    public function doseStands(Planned $item, PlanItem $now): bool
    {
        return $item->rung === $now->rung && (new DoseFaults($now->here, $item->goal))->stands($item->dose);
    }

    /**
     * The sessions that these make, with their minutes.
     *
     * @param  list<Planned>  $items
     * @param  list<OnDays>  $on  as many as there are exercises
     * @param  list<int>  $days  of the plan, 1 Monday to 7 Sunday
     */
    public function sessions(array $items, array $on, array $days, Structure $structure, Shape $shape): WeekSessions
    {
        $timed = array_map(
            fn (Planned $i): Timed => Timed::planned($i, $this->situation->at($i->family, $i->rung)), $items,
        );

        return WeekSessions::of($timed, $on, $days, $structure, $this->situation->envelope->restMin(), $shape);
    }
}
