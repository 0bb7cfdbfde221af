<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\User;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Plan\Days\WeekShape;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Needs\Cover;
use BuoyantStep\Core\Plan\Offer;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Structure;
use Illuminate\Support\Facades\DB;

/** How a session is built: its structure and its parts. Kept for the next draft as well. */
final class SetSession
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly PlanDesk $desk,
        private readonly Catalogue $catalogue,
    ) {
    }

    /** @param  array{block_weeks: int, block_easier: bool}  $block */
    public function run(
        Client $client, User $by, Structure $structure, Shape $shape, array $block, int $revision,
    ): void {
        DB::transaction(function () use ($client, $by, $structure, $shape, $block, $revision): void {
            $plan = $this->desk->draft($client, $by, $revision, 'Parts of the session');
            $plan->update([
                'structure' => $structure->value, 'session' => $shape->jsonSerialize(), ...$block,
            ]);
            $client->wishes = [...$client->wishes ?? [], 'session' => $shape->jsonSerialize()];
            if ($client->structure !== $structure->value) {
                SaveScreen::next($client, $client->screen_version);
                $client->structure = $structure->value;
                Decision::record($by, $client, 'client.structure', 'Session: '.$structure->label().'.');
            }
            $client->save();
            $this->coolDown($plan, $client, $shape);
            $this->shareOut($plan->load('items'), $shape->week);
        });
    }

    /** Which exercise is done on which day; where that was set by hand it stays. */
    private function shareOut(Plan $plan, WeekShape $week): void
    {
        if ($week === WeekShape::Own) {
            return;
        }
        $timed = array_map(Timed::planned(...), PlanItemRow::all($plan, $this->catalogue));
        if ($week === WeekShape::Split && ! WeekShape::canSplit($timed, $plan->days)) {
            throw Refusal::at('week', Drafter::UNSPLIT);
        }
        $items = array_values($plan->items->all());
        foreach ($week->share($timed, $plan->days) as $place => $on) {
            $item = $items[$place];
            $item->update(PlanItemRow::shared($item, $on, $plan->days));
        }
    }

    /** A cool-down that is switched off goes, one that is switched on comes at the end. */
    private function coolDown(Plan $plan, Client $client, Shape $shape): void
    {
        $there = $plan->items->filter(static fn (PlanItem $i): bool => $i->goal === Goal::CoolDown->value);
        if (! $shape->coolDown) {
            $there->each(static fn (PlanItem $i): ?bool => $i->delete());

            return;
        }
        $offer = $there->isEmpty() ? $this->offer($plan, $client) : null;
        if ($offer?->item !== null) {
            $position = $plan->items->max('position');
            $plan->items()->create([
                'position' => (is_numeric($position) ? (int) $position : 0) + 1, ...PlanItemRow::from($offer->item),
            ]);
        }
    }

    private function offer(Plan $plan, Client $client): ?Offer
    {
        $situation = $this->build->of($client);
        $drafter = new Drafter($situation);
        $wishes = $this->build->wishes($client);
        $used = $plan->items->pluck('family')->all();
        foreach (Cover::coolDown()->slots[0]->families($situation->catalogue) as $family) {
            $offer = in_array($family->code, $used, true) ? null : $drafter->start($family, $wishes);
            if ($offer?->item !== null) {
                return $offer;
            }
        }

        return null;
    }
}
