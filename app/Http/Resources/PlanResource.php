<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ClearanceState;
use App\Actions\PlanAhead;
use App\Actions\PlanDesk;
use App\Actions\PlanFit;
use App\Actions\PlanItemRow;
use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Plan\Channel;
use BuoyantStep\Core\Plan\Minutes;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Plan\Stair;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Units\Reason;

/** A plan with everything the Plan stage draws: dose, channel, stair, reasons, and what no longer fits. */
final class PlanResource
{
    public function __construct(private readonly Catalogue $catalogue, private readonly PlanFit $fit, private readonly PlanAhead $ahead, private readonly PlanDesk $desk)
    {
    }

    /** @return array<string, mixed> */
    public function of(?Plan $plan, Client $client, Situation $situation, Wishes $wishes): array
    {
        if ($plan === null) {
            return ['plan' => null, 'revision' => $client->plan_revision, 'undo' => $this->undo($client), 'clearance' => ClearanceState::missing($client, $situation), 'ready' => self::ready($client)];
        }
        $restMin = $situation->envelope->atLeast(Field::RestMinS, 0);
        $seconds = 0;
        $items = [];
        foreach ($plan->items as $item) {
            $row = $this->item($item, $situation, $wishes, $plan->structure, $restMin);
            $seconds += $row['seconds'];
            $items[] = $row;
        }

        return [
            'plan' => [
                'id' => $plan->id, 'version' => $plan->version, 'status' => $plan->status,
                'aim' => $plan->aim, 'structure' => $plan->structure, 'days' => $plan->days, 'budget' => $plan->minutes,
                'minutes' => Minutes::round($seconds), 'left' => $plan->notes['left'], 'trims' => $plan->notes['trims'],
                'issued_on' => $plan->issued_on, 'items' => $items,
                'ahead' => $this->ahead($plan, $client, $situation),
                'covers' => array_values(array_unique(array_column($items, 'pattern'))),
            ],
            'revision' => $client->plan_revision,
            'undo' => $this->undo($client),
            'clearance' => ClearanceState::missing($client, $situation),
            'ready' => self::ready($client),
        ];
    }

    /** What the newest change was, which can be taken back; null since the last issue. */
    private function undo(Client $client): ?string
    {
        return $this->desk->newest($client)?->says;
    }

    /** @return array{date: string, breaches: list<string>}|null */
    private function ahead(Plan $plan, Client $client, Situation $situation): ?array
    {
        $ahead = $this->ahead->of($plan, $client, $situation);

        return $ahead === null ? null : ['date' => $ahead['date']->label(), 'breaches' => $ahead['breaches']];
    }

    /** @return array{measured: bool, kit: bool} */
    private static function ready(Client $client): array
    {
        return ['measured' => $client->measures->isNotEmpty(), 'kit' => $client->pieces->isNotEmpty()];
    }

    /** @return array{seconds: int, family: string, pattern: string}&array<string, mixed> */
    private function item(PlanItem $item, Situation $situation, Wishes $wishes, string $structure, int $restMin): array
    {
        $family = $this->catalogue->family($item->family);
        $rung = $family->rung($item->rung);
        $dose = PlanItemRow::dose($item);
        $goal = PlanItemRow::goal($item);
        $ladder = $situation->ladder($rung);
        // Drawn from today's limits and kit, not from those of the day it was drafted: what is out of date must show.
        $now = $situation->prescriber->prescribe($rung, $goal, count($wishes->days), $situation->oneRepMax($family), $ladder, $situation->workingSide($rung));

        return [
            'id' => $item->id,
            'family' => $item->family,
            'family_name' => $family->name,
            'pattern' => $family->pattern->label(),
            'rung' => $item->rung,
            'name' => $rung->name,
            'set_up' => $rung->setUp,
            'figure' => $rung->figure->draw(),
            'equipment' => $rung->equipmentLabels(),
            'lever_notes' => array_map(static fn (Reason $r): string => $r->says, $situation->leverNotes($rung)),
            'goal' => $goal->label(),
            'dose' => DoseResource::of($dose),
            'sides' => SidesResource::say(array_map(Side::from(...), $item->sides)),
            'recipe' => $item->recipe,
            'changes' => array_column($item->changes, 'says'),
            'because' => $item->because,
            'findings' => $item->findings,
            'breaches' => $this->fit->itemBreaches($item, $situation),
            'channel' => Channel::of($rung, $goal, $dose, $now, $ladder, $situation->envelope, $item->last_load_g === $dose->loadG ? null : $item->last_load_g),
            'stair' => Stair::of($family, $situation, $wishes),
            'shaped_by' => self::shapedBy($item->because),
            'seconds' => Minutes::itemSeconds($rung, $goal, $dose, count($item->sides), $structure, $restMin),
        ];
    }

    /**
     * The rules that shaped this dose, so that pointing at one lights up the other.
     *
     * @param  list<array{from: string, rule: string, says: string, source: string}>  $because
     * @return list<string>
     */
    private static function shapedBy(array $because): array
    {
        return array_values(array_unique(array_map(static fn (array $b): string => $b['says'], array_filter($because, static fn (array $b): bool => $b['from'] === 'limit'))));
    }
}
