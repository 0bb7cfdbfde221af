<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;

/** The next easier rung of an exercise that is open for this client here, dosed: what "too hard" leads to. */
final class EasierStep
{
    /** Null where there is none: then the exercise is left out for the day. */
    public static function below(Planned $item, Situation $situation, Wishes $wishes): ?PlanItem
    {
        $drafter = new Drafter($situation);
        $easier = array_slice($item->family->rungs, 0, $item->family->position($item->rung->code));
        foreach (array_reverse($easier) as $rung) {
            $here = $situation->at($item->family, $rung);
            $offer = $drafter->offer($here, $wishes)->item;
            // The same door as for a dose that is typed.
            if ($offer !== null && (new DoseFaults($here, $offer->goal))->of($offer->dose) === []) {
                return $offer->withDose($offer->dose->with(sets: min($offer->dose->sets, $item->dose->sets)));
            }
        }

        return null;
    }
}
