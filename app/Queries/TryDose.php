<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Models\PlanItem;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use App\Rows\WishRows;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Dose\DoseSense;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Minutes;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Structure;
use Closure;

/** What a dose would come to while it is typed: limits, kit and minutes. Nothing is stored. */
final class TryDose
{
    public function __construct(private readonly BuildSituation $build, private readonly Catalogue $catalogue)
    {
    }

    /**
     * @param  Closure(Dose): Dose  $typed
     * @return array{errors: array<string, string>, asks: string, minutes: int, budget: int, makes: string|null}
     */
    public function run(Client $client, int $itemId, Closure $typed): array
    {
        $item = PlanItem::query()->whereKey($itemId)->whereHas(
            'plan', static fn ($q) => $q->where('client_id', $client->id),
        )->with('plan.items')->firstOrFail();
        $situation = $this->build->of($client);
        $family = $this->catalogue->family($item->family);
        $here = $situation->at($family, $family->rung($item->rung));
        $goal = PlanItemRow::goal($item);
        $dose = DoseFaults::asMeant($here, $typed(PlanItemRow::dose($item)));
        $errors = [];
        foreach ((new DoseFaults($here, $goal))->of($dose) as $fault) {
            $errors[$fault->field->value] ??= $fault->says;
        }
        $plan = $item->plan;
        $row = PlanItemRow::planned($item, $this->catalogue);
        $all = array_map(fn (PlanItem $i): Planned => $i->is($item)
            ? new Planned($row->family, $row->rung, $row->goal, $dose, $row->sides, $row->made)
            : PlanItemRow::planned($i, $this->catalogue), array_values($plan->items->all()));
        $sessions = (new PlanFit($situation))->sessions(
            $all, PlanItemRow::allOnDays($plan), $plan->days, Structure::from($plan->structure),
            WishRows::shapeOf($plan),
        );
        $grams = $dose->isApart() ? null : $dose->loadG;

        return [
            'errors' => $errors, 'asks' => implode(' ', DoseSense::asks($dose, $goal)),
            'minutes' => Minutes::round($sessions->seconds()),
            'budget' => $plan->minutes,
            'makes' => $errors === [] ? $here->moved($grams) ?? Drafter::recipe($here, $goal, $dose) : null,
        ];
    }
}
