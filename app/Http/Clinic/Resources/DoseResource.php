<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Dose\Tempo;
use BuoyantStep\Core\Units\Mass;

/** A dose as numbers to edit and as words to read. */
final class DoseResource
{
    /** @return array<string, mixed> */
    public static function of(Dose $dose, Goal $goal): array
    {
        $leaves = Kinds::of($dose->kind)->leaves($goal, $dose->effort->hi);

        return [
            'sets' => $dose->sets, 'kind' => $dose->kind->value, 'amount_lo' => $dose->amount->lo,
            'amount_hi' => $dose->amount->hi,
            'effort_lo' => $dose->effort->lo, 'effort_hi' => $dose->effort->hi, 'load_g' => $dose->loadG,
            'load_kg' => $dose->loadG === null
                ? ''
                : Mass::field($dose->loadG),
            'per' => $dose->per->value, 'rest_s' => $dose->restS, 'tempo' => $dose->tempo,
            'amount' => $dose->amountLabel(), 'unit' => $dose->kind->unit(), 'load' => $dose->loadLabel(),
            'effort' => $dose->effort->label(), 'effort_says' => $leaves,
            'hold_s' => $dose->holdS, 'held' => $dose->heldLabel(), 'pause_s' => $dose->pauseS,
            'tempo_says' => $dose->tempo === '' ? '' : Tempo::read($dose->tempo)->says(),
        ];
    }
}
