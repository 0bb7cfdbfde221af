<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\PlanItem;
use App\Models\User;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Units\Phrase;
use Illuminate\Support\Facades\DB;

/**
 * One exercise of an earlier version put into the draft as it was: its rung, its words, and its dose where that may
 * stand today.
 */
final class TakeOver
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly Catalogue $catalogue,
        private readonly PlanDesk $desk,
    ) {
    }

    /** @param  int  $version  of the plan that it stands in */
    public function run(Client $client, User $by, int $version, string $family, string $rung, int $revision): void
    {
        $stored = PlanItem::query()->where('family', $family)->where('rung', $rung)->whereHas(
            'plan', static fn ($q) => $q->where('client_id', $client->id)->where('version', $version),
        )->firstOrFail();
        $situation = $this->build->of($client);
        $planned = PlanItemRow::planned($stored, $this->catalogue);
        $here = $situation->at($planned->family, $planned->rung);
        $offer = (new Drafter($situation))->offer($here, $this->build->wishes($client));
        $row = PlanItemRow::renewed(
            $stored, $planned, $offer->item ?? throw Refusal::at('plan', $offer->why), new PlanFit($situation),
        );
        DB::transaction(function () use ($client, $by, $stored, $planned, $row, $revision, $version, $here): void {
            $says = sprintf('From version %d: %s.', $version, Phrase::within($planned->rung->name));
            $plan = $this->desk->draft($client, $by, $revision, $says);
            $now = $plan->items->first(static fn (PlanItem $i): bool => $i->isSameAs($stored));
            if ($plan->items->contains(static fn (PlanItem $i): bool => $i->family === $stored->family
                && $i->rung === $stored->rung && $i->id !== $now?->id)) {
                throw Refusal::at('plan', sprintf('"%s" is in the plan already.', $planned->rung->name));
            }
            $position = $plan->items->max('position');
            $item = $now ?? $plan->items()->make([
                'position' => (is_numeric($position) ? (int) $position : 0) + 1, 'nth' => $stored->nth,
            ]);
            $item->fill([...$stored->only(array_diff(PlanItem::COPIED, ['position', 'nth'])), ...$row]);
            $on = PlanItemRow::onDays($item)->within($plan->days);
            $item->fill(PlanItemRow::shared($item, $on, $plan->days))->save();
            CheckDose::assertAllowed($here, PlanItemRow::goal($item), PlanItemRow::dose($item), confirmed: true);
        });
    }
}
