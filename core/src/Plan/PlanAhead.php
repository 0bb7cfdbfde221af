<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use Closure;

/**
 * What a date ahead will ask of a plan, a week before it comes (house convention).
 * Only dates that tighten: what may loosen waits for a word.
 */
final readonly class PlanAhead
{
    public const DAYS = 7;

    /** @param  Closure(Day): Situation  $then  the same client and home on that day */
    public function __construct(private RuleBook $rules, private Situation $today, private Closure $then)
    {
    }

    /**
     * @param  list<Planned>  $items
     * @return Ahead|null the first date within a week on which the plan will no longer fit as it does today
     */
    public function of(array $items): ?Ahead
    {
        $dates = array_map(Day::of(...), array_keys($this->tightening(self::DAYS)));
        $now = $dates === [] ? [] : (new PlanFit($this->today))->breaches($items);
        foreach ($dates as $date) {
            $then = (new PlanFit(($this->then)($date)))->breaches($items);
            $breaches = array_values(array_diff($then, $now));
            if ($breaches !== []) {
                return new Ahead($date, $breaches);
            }
        }

        return null;
    }

    /**
     * The same for every such date within so many days, with what the plan would be from then on.
     *
     * @param  list<Planned>  $items
     * @return list<Then> soonest first; dates that change nothing of this plan are there without a change
     */
    public function within(array $items, int $days, Wishes $wishes): array
    {
        $all = [];
        foreach ($this->tightening($days) as $date => $says) {
            $then = ($this->then)(Day::of($date));
            $fit = new PlanFit($then);
            $now = new PlanFit($this->today);
            $changed = [];
            foreach ($items as $item) {
                if (array_diff($fit->ofOne($item), $now->ofOne($item)) !== []) {
                    $changed[] = [$item, self::adapted($item, $then, $wishes)];
                }
            }
            $all[] = new Then(Day::of($date), $says, $changed);
        }

        return $all;
    }

    /**
     * An exercise as that day will have it: with its change, or on the hardest rung of its family that fits. What fits
     * then fits now: tighter is never outside.
     */
    public static function adapted(Planned $item, Situation $then, Wishes $wishes): ?PlanItem
    {
        $drafter = new Drafter($then);
        $easier = array_slice($item->family->rungs, 0, $item->family->position($item->rung->code) + 1);
        foreach (array_reverse($easier) as $rung) {
            $here = $then->at($item->family, $rung);
            $new = $drafter->offer($here, $wishes)->item;
            // The same door as for a dose that is typed.
            if ($new !== null && (new DoseFaults($here, $new->goal))->of($new->dose) === []) {
                return $new;
            }
        }

        return null;
    }

    /** @return array<string, list<string>> date to what comes on it */
    private function tightening(int $within): array
    {
        $dates = [];
        foreach ($this->rules->crossings($this->today->facts()) as $crossing) {
            $days = $this->today->on->daysTo($crossing->date);
            if ($crossing->tightens && $days >= 1 && $days <= $within) {
                $dates[(string) $crossing->date][] = $crossing->says;
            }
        }

        return $dates;
    }
}
