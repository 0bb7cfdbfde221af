<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Models\User;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Situation;
use Illuminate\Support\Facades\DB;

/** A clinician accepts, edits or refuses a proposal. What is accepted goes into the plan's next version. */
final class DecideProposal
{
    public function __construct(private readonly BuildSituation $build, private readonly DraftPlan $drafts, private readonly Catalogue $catalogue)
    {
    }

    public function accept(Proposal $proposal, User $by): void
    {
        $this->decide($proposal, $by, 'accepted', Dose::read(new Bag($proposal->dose)), null);
    }

    public function edit(Proposal $proposal, User $by, Dose $dose, ?string $reason): void
    {
        $this->decide($proposal, $by, 'edited', $dose, $reason);
    }

    public function refuse(Proposal $proposal, User $by, string $reason): void
    {
        $this->decide($proposal, $by, 'refused', null, $reason);
    }

    public function clearStop(Client $client, User $by, string $reason): void
    {
        DB::transaction(function () use ($client, $by, $reason): void {
            $logs = SessionLog::query()->where('client_id', $client->id)->whereNotNull('stop_sign')->whereNull('stop_cleared_at')->lockForUpdate()->get();
            foreach ($logs as $log) {
                $log->update(['stop_cleared_at' => now()]);
                Decision::record($by, $client, 'stop.cleared', sprintf('Stop sign of %s cleared: %s.', $log->done_on, $log->stop_sign), ['log' => $log->id], $reason);
            }
            Proposal::query()->where('client_id', $client->id)->where('status', Proposal::OPEN)->where('decision', 'stop')->update(['status' => 'superseded']);
        });
    }

    private function decide(Proposal $proposal, User $by, string $status, ?Dose $dose, ?string $reason): void
    {
        $client = $proposal->client;
        $situation = $this->build->of($client);
        $rung = $this->catalogue->family($proposal->planItem->family)->rung($proposal->rung);
        if ($dose !== null && $proposal->decision !== 'stop') {
            $dose = EditPlan::asMeant($situation, $rung, $dose);
            EditPlan::assertAllowed($situation, $proposal->planItem->family, $rung, PlanItemRow::goal($proposal->planItem), $dose);
            if ($situation->openSides($rung) === []) {
                throw Refusal::at('rung', 'This exercise is outside the limits of today.');
            }
        }
        DB::transaction(function () use ($proposal, $by, $status, $dose, $reason, $client, $situation, $rung): void {
            // Decided once: of two clicks, or two people, the second finds nothing open.
            if (Proposal::query()->whereKey($proposal->id)->where('status', Proposal::OPEN)->update(['status' => $status]) === 0) {
                throw Refusal::at('proposal', 'This proposal was decided already.');
            }
            $moves = $dose !== null && in_array($proposal->decision, ['step_up', 'ease'], true) || $status === 'edited';
            if ($dose !== null && $moves) {
                $plan = $this->drafts->desk($client, $by);
                $plan->increment('revision');
                $row = $plan->items()->where('family', $proposal->planItem->family)->firstOrFail();
                $recipe = (new Drafter($situation))->recipe($this->catalogue->family($row->family), $rung, PlanItemRow::goal($row), $dose);
                $this->row($row, $proposal, $dose, $recipe, $situation, $by);
            }
            Decision::record($by, $client, 'proposal.'.$status, sprintf('%s: %s %s.', $rung->name, str_replace('_', ' ', $proposal->decision), $status), [
                'proposal' => $proposal->id, 'proposed' => $proposal->dose, 'taken' => $dose?->jsonSerialize(),
            ], $reason);
        });
    }

    private function row(PlanItem $item, Proposal $proposal, Dose $dose, ?string $recipe, Situation $situation, User $by): void
    {
        $family = $this->catalogue->family($item->family);
        $values = ['dose' => $dose->jsonSerialize(), 'recipe' => $recipe, 'because' => [
            ...array_values(array_filter($item->because, static fn (array $r): bool => in_array($r['from'], ['goal', 'limit', 'measure'], true))),
            ...$proposal->because,
            ['from' => 'rule', 'rule' => 'clinician', 'says' => 'Decided by '.$by->name.'.', 'source' => ''],
        ]];
        if ($item->rung !== $proposal->rung) {
            [$new] = (new Drafter($situation))->item($family, $family->rung($proposal->rung), $this->build->wishes($proposal->client));
            if ($new !== null) {
                $values = [...PlanItemRow::from($new), ...$values];
            }
        }
        $item->update($values);
    }
}
