<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Plan;
use App\Models\PlanItem;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Dose\DoseSense;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Minutes;
use BuoyantStep\Core\Plan\PlanItem as DraftedItem;
use BuoyantStep\Core\Plan\Situation;

/** Does a stored plan still fit the limits of today? */
final class PlanFit
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** How long the session takes, in minutes. */
    public function minutes(Plan $plan, Situation $situation): int
    {
        $restMin = $situation->envelope->atLeast(Field::RestMinS, 0);
        $seconds = 0;
        foreach ($plan->items as $item) {
            $seconds += Minutes::itemSeconds($this->catalogue->family($item->family)->rung($item->rung), PlanItemRow::goal($item), PlanItemRow::dose($item), count($item->sides), $plan->structure, $restMin);
        }

        return Minutes::round($seconds);
    }

    /** @return list<string> what no longer fits, in words */
    public function breaches(Plan $plan, Situation $situation): array
    {
        $found = [];
        foreach ($plan->items as $item) {
            foreach ($this->itemBreaches($item, $situation) as $says) {
                $found[] = $this->catalogue->family($item->family)->rung($item->rung)->name.': '.$says;
            }
        }

        return $found;
    }

    /**
     * A stored exercise as these limits and this kit have it: with the changes and on the sides of today, and with its own
     * dose where that may stand.
     *
     * @return array<string, mixed> what to store
     */
    public function renewed(PlanItem $item, DraftedItem $new, Situation $situation): array
    {
        $row = PlanItemRow::from($new);
        $dose = PlanItemRow::dose($item);
        $goal = PlanItemRow::goal($item);
        $isMakeable = $new->rung->holding === null || ($dose->loadG !== null && $situation->ladder($new->rung)?->at($dose->loadG) !== null);
        $stands = $item->rung === $new->rung->code && $isMakeable
            && $situation->prescriber->breaches($new->rung, $goal, $dose, $situation->oneRepMax($new->family), $situation->workingSide($new->rung)) === [];

        return $stands
            ? ['changes' => $row['changes'], 'sides' => $row['sides'], 'recipe' => (new Drafter($situation))->recipe($new->family, $new->rung, $goal, $dose)]
            : $row;
    }

    /** @return list<string> the same of one exercise, without its name */
    public function itemBreaches(PlanItem $item, Situation $situation): array
    {
        $family = $this->catalogue->family($item->family);
        $rung = $family->rung($item->rung);
        if ($situation->openSides($rung) === []) {
            $verdict = array_values($situation->verdicts($rung))[0];

            return [$verdict->because[0]->says ?? 'out'];
        }
        $missing = $situation->missing($rung);
        $found = $missing === [] ? [] : [Drafter::lacks($missing)];
        $sides = array_map(Side::from(...), $item->sides);
        foreach ($sides as $side) {
            $verdict = $situation->verdicts($rung)[$side->value] ?? null;
            if ($verdict?->isOut()) {
                $found[] = sprintf('%s side: %s', $side->value, $verdict->because[0]->says ?? 'out');
            }
        }
        // Limits that tightened since may leave it open only with a change that the client was never told.
        foreach ($situation->furtherChanges($rung, $sides, array_column($item->changes, 'change')) as $change) {
            $found[] = 'only with a change: '.$change['says'];
        }
        $dose = PlanItemRow::dose($item);
        $goal = PlanItemRow::goal($item);
        foreach ($situation->prescriber->breaches($rung, $goal, $dose, $situation->oneRepMax($family), $situation->workingSide($rung)) as $limit) {
            $found[] = $limit->says;
        }
        // The same that every way in is held against: a dose that got in otherwise goes no further.
        $found = [...$found, ...array_values(DoseSense::refusals($dose, $goal))];
        $load = CheckDose::loadFault($situation, $rung, $dose);
        if ($load !== null) {
            $found[] = $load;
        }

        return $found;
    }
}
