<?php

declare(strict_types=1);

namespace App\Actions;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Dose\DoseSense;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Situation\RungHere;

/** The one door through which a dose gets into a plan: what the core finds wrong is refused at its field. */
final class CheckDose
{
    /** @param  bool  $confirmed  an unusual dose was looked at twice */
    public static function assertAllowed(RungHere $here, Goal $goal, Dose $dose, bool $confirmed): void
    {
        foreach ((new DoseFaults($here, $goal))->of($dose) as $fault) {
            throw Refusal::at($fault->field->value, $fault->says);
        }
        $asks = DoseSense::asks($dose, $goal);
        if ($asks !== [] && ! $confirmed) {
            throw Refusal::at('confirm', implode(' ', $asks).' If it is meant, say so and send it again.');
        }
    }
}
