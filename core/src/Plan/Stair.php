<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Change;

/** A family as a stair for this client: which rungs are above the water, and what holds the others under. */
final class Stair
{
    /** @return list<Step> */
    public static function of(Family $family, Situation $situation, Wishes $wishes): array
    {
        $steps = [];
        $seed = null;
        foreach ($family->rungs as $i => $rung) {
            $steps[$i] = self::step($family, $rung, $situation, $wishes);
            // Where the measures say to begin: the hardest rung that is open and whose tests were reached.
            $seed = $steps[$i]->state !== Step::UNDER && $steps[$i]->notYet === null ? $i : $seed;
        }
        if ($seed !== null) {
            $steps[$seed] = $steps[$seed]->asSeed();
        }

        return array_values($steps);
    }

    private static function step(Family $family, Rung $rung, Situation $situation, Wishes $wishes): Step
    {
        $here = $situation->at($family, $rung);
        $offer = (new Drafter($situation))->offer($here, $wishes);
        $changes = array_map(static fn (Change $c): string => $c->says(), $offer->item->changes ?? []);
        $out = array_filter($here->verdicts(), static fn (Verdict $v): bool => $v->isOut());
        $open = $changes === [] ? Step::OPEN : Step::CHANGES;

        return new Step(
            code: $rung->code,
            name: $rung->name,
            step: $rung->step,
            axes: $rung->axesLabel(),
            state: $offer->item === null ? Step::UNDER : $open,
            says: $offer->item === null
                ? $offer->why
                : trim(implode(' ', $changes).($out === [] ? '' : ' One side only.')),
            notYet: $here->notYet(),
            notes: array_map(static fn (Reason $r): string => $r->says, $here->leverNotes()),
        );
    }
}
