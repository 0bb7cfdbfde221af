<?php

declare(strict_types=1);

namespace App\Http\AtHome\Resources;

use App\Http\Clinic\Resources\SheetWords;
use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Look;
use BuoyantStep\Core\Exercises\Reworded;
use BuoyantStep\Core\Home\Beat;
use BuoyantStep\Core\Home\EasierStep;
use BuoyantStep\Core\Home\HowHard;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem as Offered;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\Change;

/** One exercise as a phone takes it along: what the sheet says of it, how it is counted, and its easier step. */
final class CardItem
{
    /** Of the sheet, word by word. */
    private const SHEET = [
        'id', 'name', 'equipment', 'figure', 'set_up', 'own_set_up', 'note', 'helper', 'picture', 'target', 'fade',
        'cues', 'mistakes', 'feel', 'changes', 'too_hard_if', 'too_easy_if', 'tempo_says', 'pause_says', 'goal',
    ];

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /**
     * @param  array<array-key, mixed>  $sheet  as the sheet says it
     * @return array<string, mixed>
     */
    public function of(PlanItem $item, array $sheet, Situation $situation, Wishes $wishes): array
    {
        $planned = PlanItemRow::planned($item, $this->catalogue);
        $easier = EasierStep::below($planned, $situation, $wishes);
        $anew = Reworded::by($planned->made, $planned->dose->tempo);

        return [
            ...array_intersect_key($sheet, array_flip(self::SHEET)),
            ...self::counted($planned),
            'looks' => array_map(static fn (Look $l): array => [
                'code' => $l->code, 'sees' => $anew->says($l->sees), 'cue' => $anew->says($l->cue),
            ], $planned->rung->teaching->looks),
            'easier' => $easier === null ? null : self::easier($easier),
        ];
    }

    /**
     * What of an exercise differs from day to day.
     *
     * @return array<string, mixed>
     */
    public static function onDay(Planned $planned, ?string $recipe): array
    {
        return [
            ...self::says($planned->dose),
            'recipe' => $recipe === null ? null : SheetWords::recipe($recipe),
            'effort' => SheetWords::says('of_ten', ['effort' => $planned->dose->effort->label()]),
        ];
    }

    /** How its load is made on a day on which the dose is another one than the plan's. */
    public static function recipe(PlanItem $item, Planned $planned, Situation $situation): ?string
    {
        return $planned->dose->resistanceG() === PlanItemRow::dose($item)->resistanceG() ? $item->recipe
            : Drafter::recipe($situation->at($planned->family, $planned->rung), $planned->goal, $planned->dose);
    }

    /** @return array<string, mixed> */
    private static function counted(Planned $planned): array
    {
        return [
            'kind' => $planned->dose->kind->value,
            'beat' => self::beat(Beat::of($planned->family, $planned->rung, $planned->dose)),
            'hard' => array_map(
                static fn (HowHard $h): string => $h->value, HowHard::choices($planned->goal, $planned->dose->kind),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function easier(Offered $step): array
    {
        $anew = Reworded::by($step->changes, $step->dose->tempo);

        return [
            'name' => $anew->says($step->rung->name),
            'figure' => $step->rung->figure->changed($step->changes)->draw(),
            'set_up' => $anew->says($step->rung->setUp->says),
            'cues' => $anew->all($step->rung->teaching->cues),
            'changes' => array_map(
                static fn (Change $c): string => SheetWords::fixed($c->says()), $step->changes,
            ),
            ...self::counted(new Planned(
                $step->family, $step->rung, $step->goal, $step->dose, $step->sides, $step->changes,
            )),
            ...self::says($step->dose),
            'once' => SheetWords::amount($step->dose->kind->says($step->dose->amount)),
            'lo' => $step->dose->amount->lo, 'hi' => $step->dose->amount->hi,
            'recipe' => $step->recipe === null ? null : SheetWords::recipe($step->recipe),
        ];
    }

    /** @return array{amount: string, load: string|null, held: string|null} */
    private static function says(Dose $dose): array
    {
        return [
            'amount' => SheetWords::amount($dose->amountLabel()),
            'load' => $dose->loadLabel() === null ? null : SheetWords::amount($dose->loadLabel()),
            'held' => $dose->heldLabel() === null ? null : SheetWords::fixed($dose->heldLabel()),
        ];
    }

    /**
     * @param  list<array{move: string, seconds: float}>  $beat
     * @return list<array{says: string, seconds: float}>
     */
    private static function beat(array $beat): array
    {
        return array_map(static fn (array $part): array => [
            'says' => HomeWords::says('play.moves.'.$part['move']), 'seconds' => $part['seconds'],
        ], $beat);
    }
}
