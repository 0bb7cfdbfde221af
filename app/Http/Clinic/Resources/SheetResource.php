<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watch;

/** The page the client takes home: what, how, how much, how hard, when to stop. Plain words, large type. */
final class SheetResource
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /**
     * @param  list<string>  $stops  open red flags, in words
     * @return array<string, mixed>
     */
    public function of(Plan $plan, Client $client, Situation $situation, array $stops): array
    {
        return [
            'version' => $plan->version,
            'status' => $plan->status,
            'issued_on' => $plan->issued_on,
            'stopped' => $stops,
            'breaches' => (new PlanFit($situation))->breaches(PlanItemRow::all($plan, $this->catalogue)),
            'days' => $plan->days,
            'structure' => $plan->structure,
            'watches' => array_map(static fn (Watch $w): string => $w->label(), $situation->envelope->watches()),
            'breathe_out' => $situation->envelope->breath() === Breath::NoHolding,
            'stop_signs' => array_map(static fn (Sign $s): string => $s->label(), $situation->envelope->redFlags()),
            'items' => $plan->items->map(
                fn (PlanItem $i): array => $this->item($i, $client, $situation),
            )->values()->all(),
        ];
    }

    /** @return array<string, mixed> */
    private function item(PlanItem $item, Client $client, Situation $situation): array
    {
        $family = $this->catalogue->family($item->family);
        $rung = $family->rung($item->rung);
        $position = $family->position($rung->code);
        $dose = PlanItemRow::dose($item);

        return [
            'id' => $item->id,
            'name' => $rung->name,
            'equipment' => $rung->equipmentLabels(),
            'figure' => $rung->figure->draw(),
            'set_up' => $rung->setUp->says, 'own_set_up' => $item->own_set_up,
            'helper' => $rung->helper?->says(),
            'picture' => $rung->teaching->picture, 'target' => $rung->teaching->target,
            'fade' => $rung->teaching->fade,
            'cues' => $rung->teaching->cues,
            'mistakes' => $rung->teaching->mistakes,
            'feel' => $rung->teaching->feel,
            'changes' => [
                ...array_column($item->changes, 'says'),
                ...WaysResource::say($item, $client, $situation->at($family, $rung)),
            ],
            'dose' => DoseResource::of($dose, PlanItemRow::goal($item), $rung),
            'light' => LightResource::of($item, $situation->at($family, $rung), PlanItemRow::goal($item)),
            'sides' => SidesResource::say(array_map(Side::from(...), $item->sides)),
            'recipe' => $item->recipe === null
                ? null
                : ($rung->work->band === null ? 'Load: ' : 'Band: ').rtrim($item->recipe, '.').'.',
            'too_hard_if' => $rung->teaching->tooHardIf,
            'easier' => $position > 0 ? $family->rungs[$position - 1]->name : null,
        ];
    }
}
