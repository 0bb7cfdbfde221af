<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Goal;

/** Trims a session to its minutes: one set fewer first, then the least important exercise, never the warm-up. */
final readonly class Trim
{
    /** Trimming stops here: fewer exercises than this is another kind of session, for the clinician to decide. */
    public const FEWEST_ITEMS = 4;

    /** @param  int  $restMinS  seconds that a limit asks for between bouts */
    public function __construct(private Wishes $wishes, private int $restMinS)
    {
    }

    /** @param  list<PlanItem>  $items  most important first */
    public function of(array $items): Trimmed
    {
        $shortened = [];
        for ($i = count($items) - 1; $i > 0 && $this->isOver($items); $i--) {
            $dose = $items[$i]->dose;
            if ($dose->sets > 1 && $items[$i]->goal !== Goal::WarmUp) {
                $fewer = $items[$i]->withDose($dose->with(sets: $dose->sets - 1));
                $items = array_values(array_replace($items, [$i => $fewer]));
                $shortened[] = lcfirst($fewer->family->name);
            }
        }
        $minutes = $this->wishes->minutes;
        $trims = $shortened === [] ? [] : [
            sprintf('One set fewer to fit %d minutes: %s.', $minutes, implode(', ', $shortened)),
        ];
        $left = [];
        while (count($items) > self::FEWEST_ITEMS && $this->isOver($items)) {
            $last = $items[count($items) - 1];
            $items = array_slice($items, 0, -1);
            $left[] = new LeftOut($last->family->pattern, sprintf('Left out to fit %d minutes.', $minutes));
        }
        if ($this->isOver($items)) {
            $says = 'Still %d minutes: give more minutes, or leave one out by hand.';
            $trims[] = sprintf($says, Minutes::round($this->seconds($items)));
        }

        return new Trimmed($items, $trims, $left);
    }

    /** @param  list<PlanItem>  $items */
    public function seconds(array $items): int
    {
        return Minutes::session($items, $this->wishes->structure, $this->restMinS);
    }

    /** @param  list<PlanItem>  $items */
    private function isOver(array $items): bool
    {
        return $this->seconds($items) > $this->wishes->minutes * 60;
    }
}
