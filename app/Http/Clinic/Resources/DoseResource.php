<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Tempo;

/** A dose as numbers to edit and as words to read. */
final class DoseResource
{
    /** @return array<string, mixed> */
    public static function of(Dose $dose, Goal $goal, Rung $rung): array
    {
        $leaves = Kinds::of($dose->kind)->leaves($goal, $dose->effort->hi);

        return [
            'sets' => $dose->sets, 'kind' => $dose->kind->value, 'amount_lo' => $dose->amount->lo,
            'amount_hi' => $dose->amount->hi,
            'effort_lo' => $dose->effort->lo, 'effort_hi' => $dose->effort->hi, 'load_g' => $dose->loadG,
            'load_kg' => self::resistance($dose),
            'takes' => match (true) {
                $rung->work->band !== null => 'pull',
                $dose->loadG !== null => 'load',
                default => null,
            },
            'per' => $dose->per->value, 'rest_s' => $dose->restS, 'tempo' => $dose->tempo,
            'amount' => $dose->amountLabel(), 'unit' => $dose->kind->unit(), 'load' => $dose->loadLabel(),
            'effort' => $dose->effort->label(), 'effort_says' => $leaves,
            'hold_s' => $dose->holdS, 'held' => $dose->heldLabel(), 'pause_s' => $dose->pauseS,
            'tempo_says' => $dose->tempo === '' ? '' : Tempo::read($dose->tempo)->says(),
            'can_differ' => $rung->isOneSided(), 'apart' => $dose->isApart(),
            'left' => self::side($dose->on(Side::Left)), 'right' => self::side($dose->on(Side::Right)),
            'kinds' => array_map(static fn (DoseKind $kind): array => [
                'kind' => $kind->value, 'label' => $kind->label(), 'unit' => $kind->unit(),
                'lo' => Kinds::of($kind)->range($goal)->lo, 'hi' => Kinds::of($kind)->range($goal)->hi,
            ], $rung->work->kinds()),
        ];
    }

    /** @return array{amount_lo: int, amount_hi: int, load_kg: string} */
    private static function side(Dose $dose): array
    {
        return [
            'amount_lo' => $dose->amount->lo, 'amount_hi' => $dose->amount->hi, 'load_kg' => self::resistance($dose),
        ];
    }

    /** The load, or the pull as a luggage scale shows it, to be typed over. */
    private static function resistance(Dose $dose): string
    {
        $grams = $dose->resistanceG();

        return $grams === null ? '' : Mass::field($dose->pullN === null ? $grams : round($grams, -1));
    }
}
