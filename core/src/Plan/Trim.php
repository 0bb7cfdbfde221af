<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Plan\Days\WeekSessions;
use BuoyantStep\Core\Plan\Session\Part;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Units\Phrase;

/**
 * Trims a session to its minutes: third sets first, then the least important exercise, then second sets from the least
 * important up; never the warm-up. Two good sets of what matters beat one set of everything. Source: practice.
 */
final readonly class Trim
{
    /** Fewer exercises than this beside the warm-up are another kind of session, for the clinician to decide. */
    public const FEWEST_ITEMS = 4;

    /** @param  int  $restMinS  seconds that a limit asks for between bouts */
    public function __construct(private Wishes $wishes, private int $restMinS)
    {
    }

    /** @param  list<PlanItem>  $items  most important first */
    public function of(array $items): Trimmed
    {
        $asked = [];
        foreach ($items as $item) {
            $asked[self::key($item)] = $item->dose->sets;
        }
        [$items, $dropped] = $this->dropped($this->shortened($items, 2));
        $says = sprintf('Left out to fit %d minutes.', $this->wishes->minutes);
        $left = array_map(static fn (PlanItem $i): LeftOut => new LeftOut(
            $i->family->name, $says, $i->family->pattern,
        ), $dropped);
        $items = $this->filled($this->shortened($items, 1), $asked);
        $fewer = array_filter($items, static fn (PlanItem $i): bool => $i->dose->sets < $asked[self::key($i)]);
        $names = array_map(static fn (PlanItem $i): string => Phrase::within($i->family->name), $fewer);
        $trims = $names === [] ? [] : [
            sprintf('One set fewer to fit %d minutes: %s.', $this->wishes->minutes, implode(', ', $names)),
        ];
        if ($this->isOver($items)) {
            $says = 'Still %d minutes: give more minutes, or leave one out by hand.';
            $trims[] = sprintf($says, Minutes::round($this->seconds($items)));
        }

        return new Trimmed($items, $trims, $left);
    }

    /**
     * Without the least important, as far as is needed; a shorter one among them goes back where it still fits.
     *
     * @param  list<PlanItem>  $items
     * @return array{list<PlanItem>, list<PlanItem>} what stays, and what does not, the least important first
     */
    private function dropped(array $items): array
    {
        $dropped = [];
        while (self::trained($items) > self::FEWEST_ITEMS && $this->isOver($items)) {
            $dropped[] = $items[count($items) - 1];
            $items = array_slice($items, 0, -1);
        }
        foreach (array_reverse($dropped, true) as $i => $item) {
            if (! $this->isOver([...$items, $item])) {
                $items[] = $item;
                unset($dropped[$i]);
            }
        }

        return [$items, array_values($dropped)];
    }

    /**
     * Sets given back where the minutes reach for them after all, the most important first.
     *
     * @param  list<PlanItem>  $items
     * @param  array<string, int>  $asked  how many each had
     * @return list<PlanItem>
     */
    private function filled(array $items, array $asked): array
    {
        foreach ($items as $i => $item) {
            $whole = $item->withDose($item->dose->with(sets: $asked[self::key($item)]));
            $more = array_values(array_replace($items, [$i => $whole]));
            $items = $item->dose->sets === $whole->dose->sets || $this->isOver($more) ? $items : $more;
        }

        return $items;
    }

    /**
     * One set less of what has more than so many, from the least important up, as long as it is needed.
     *
     * @param  list<PlanItem>  $items
     * @return list<PlanItem>
     */
    private function shortened(array $items, int $to): array
    {
        for ($i = count($items) - 1; $i >= 0 && $this->isOver($items); $i--) {
            $dose = $items[$i]->dose;
            if ($dose->sets > $to && self::isTrained($items[$i])) {
                $fewer = $items[$i]->withDose($dose->with(sets: $to));
                $items = array_values(array_replace($items, [$i => $fewer]));
            }
        }

        return $items;
    }

    private static function key(PlanItem $item): string
    {
        return $item->family->code.'/'.$item->rung->code;
    }

    /** @param  list<PlanItem>  $items */
    private static function trained(array $items): int
    {
        return count(array_filter($items, self::isTrained(...)));
    }

    private static function isTrained(PlanItem $item): bool
    {
        return Timed::item($item)->part() === Part::Main;
    }

    /**
     * Of the longest session of the week.
     *
     * @param  list<PlanItem>  $items
     */
    public function seconds(array $items): int
    {
        $timed = array_map(Timed::item(...), Order::of($items, $this->wishes->structure));
        $days = $this->wishes->days;

        return WeekSessions::of(
            $timed, $this->wishes->shape->week->share($timed, $days), $days, $this->wishes->structure, $this->restMinS,
            $this->wishes->shape,
        )->seconds();
    }

    /** @param  list<PlanItem>  $items */
    private function isOver(array $items): bool
    {
        return $this->seconds($items) > $this->wishes->minutes * 60;
    }
}
