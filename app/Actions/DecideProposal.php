<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\PlanItem;
use App\Models\PlanSnapshot;
use App\Models\Proposal;
use App\Models\User;
use App\Rows\BuildSituation;
use App\Rows\OwnSetUp;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Needs\Need;
use BuoyantStep\Core\Situation\RungHere;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * A clinician accepts, edits or refuses a proposal. What is accepted goes into the plan's next version; each can be
 * taken back.
 */
final class DecideProposal
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly PlanDesk $desk,
        private readonly Catalogue $catalogue,
    ) {
    }

    public function accept(Proposal $proposal, User $by): void
    {
        $this->decide($proposal, $by, 'accepted', Dose::read(new Bag($proposal->dose)), null, false);
    }

    /**
     * @param  Closure(Dose): Dose  $typed  from the proposed dose to the one that was typed
     * @param  bool  $confirmed  an unusual dose was looked at twice
     */
    public function edit(Proposal $proposal, User $by, Closure $typed, ?string $reason, bool $confirmed): void
    {
        $this->decide($proposal, $by, 'edited', $typed(Dose::read(new Bag($proposal->dose))), $reason, $confirmed);
    }

    public function refuse(Proposal $proposal, User $by, string $reason): void
    {
        $this->decide($proposal, $by, 'refused', null, $reason, false);
    }

    /** Takes a decision back: the proposal is open again, and the plan's next version as it was before. */
    public function undo(Proposal $proposal, User $by): void
    {
        $client = $proposal->client;
        DB::transaction(function () use ($proposal, $client, $by): void {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            $now = Proposal::query()->findOrFail($proposal->id);
            if (! in_array($now->status, Proposal::DECIDED, true)) {
                throw Refusal::at('proposal', 'There is no decision here to take back.');
            }
            if (
                Proposal::query()->where('client_id', $client->id)->where('id', '>', $now->id)->where(
                    'session_log_id', '!=', $now->session_log_id,
                )->exists()
            ) {
                throw Refusal::at(
                    'proposal', 'A later session has been reviewed since; decide on its proposals instead.',
                );
            }
            $this->takeOutOfPlan($now, $client, $by);
            $now->update(['status' => Proposal::OPEN, 'taken' => null, 'plan_snapshot_id' => null]);
            Decision::record(
                $by,
                $client,
                'proposal.undone',
                sprintf(
                    '%s: %s taken back.',
                    $this->catalogue->family($proposal->planItem->family)->rung($now->rung)->name,
                    $proposal->status,
                ),
                ['proposal' => $now->id],
            );
        });
    }

    private function takeOutOfPlan(Proposal $proposal, Client $client, User $by): void
    {
        if ($proposal->taken === null) {
            return;
        }
        $before = $proposal->plan_snapshot_id === null
            ? null
            : PlanSnapshot::query()->find($proposal->plan_snapshot_id);
        if ($before === null) {
            throw Refusal::at(
                'proposal',
                'The plan with this decision was issued since, or it lies too far back. Change the exercise on Plan.',
            );
        }
        if ($before->id === $this->desk->newest($client)?->id) {
            $this->desk->undo($client, $by, Client::query()->findOrFail($client->id)->plan_revision);

            return;
        }
        $plan = $this->desk->draft($client, $by, null, 'A decision taken back.');
        $row = $plan->items->first(static fn (PlanItem $i): bool => $i->isSameAs($proposal->planItem));
        if (
            $row === null
            || $row->rung !== $proposal->rung
            || Dose::read(new Bag($row->dose)) != Dose::read(new Bag($proposal->taken))
        ) {
            throw Refusal::at('proposal', 'This exercise was changed again since. Change it on Plan.');
        }
        $items = $before->draft['items'] ?? [$proposal->planItem->only(PlanItem::COPIED)];
        foreach ($items as $item) {
            if ($item['family'] === $row->family && ($item['nth'] ?? 1) === $row->nth) {
                $row->update(array_intersect_key($item, array_flip(PlanItem::COPIED)));
            }
        }
    }

    /** Asked of the signs as well: the proposal may be older than the sign. */
    private static function assertNoStop(Proposal $proposal, Client $client): void
    {
        if ($proposal->decision === 'stop' || StopSigns::isOpen($client)) {
            throw Refusal::at(
                'proposal',
                'A red flag is open. Clear it first, with who looked and what was found; nothing else is decided '
                    .'until then.',
            );
        }
    }

    private function decide(
        Proposal $proposal,
        User $by,
        string $status,
        ?Dose $dose,
        ?string $reason,
        bool $confirmed,
    ): void {
        $client = $proposal->client;
        self::assertNoStop($proposal, $client);
        $situation = $this->build->of($client);
        $family = $this->catalogue->family($proposal->planItem->family);
        $rung = $family->rung($proposal->rung);
        $here = $situation->at($family, $rung);
        if ($dose !== null) {
            $dose = DoseFaults::asMeant($here, $dose);
            CheckDose::assertAllowed($here, PlanItemRow::goal($proposal->planItem), $dose, $confirmed);
            if ($here->isOut()) {
                throw Refusal::at('rung', 'This exercise is outside the limits of today.');
            }
        }
        $said = sprintf('%s: %s %s.', $here->rung->name, str_replace('_', ' ', $proposal->decision), $status);
        DB::transaction(function () use ($proposal, $by, $status, $dose, $reason, $client, $here, $said): void {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            // Again with the client locked: a sign that is logged at this moment is seen.
            self::assertNoStop($proposal, $client);
            // Decided once: of two clicks, or two people, the second finds nothing open.
            $open = Proposal::query()->whereKey($proposal->id)->where('status', Proposal::OPEN);
            if ($open->update(['status' => $status]) === 0) {
                throw Refusal::at('proposal', 'This proposal was decided already.');
            }
            $moves = $dose !== null && in_array($proposal->decision, ['step_up', 'ease'], true) || $status === 'edited';
            if ($dose !== null && $moves) {
                $this->take($proposal, $by, $dose, $here, $said);
            }
            Decision::record($by, $client, 'proposal.'.$status, $said, [
                'proposal' => $proposal->id, 'proposed' => $proposal->dose, 'taken' => $dose?->jsonSerialize(),
            ], $reason);
        });
    }

    /** The dose that was decided for comes onto the desk, and what was there before can be had back. */
    private function take(Proposal $proposal, User $by, Dose $dose, RungHere $here, string $said): void
    {
        $client = $proposal->client;
        $before = $this->desk->next($client, $by, null, $said);
        $items = $this->desk->onDesk($client)->items;
        $row = $items->first(static fn (PlanItem $i): bool => $i->isSameAs($proposal->planItem));
        if ($row === null) {
            throw Refusal::at(
                'proposal', 'This exercise was taken out of the next version. Add it again first, or refuse.',
            );
        }
        $taken = $items->contains(static fn (PlanItem $i): bool => ! $i->is($row)
            && $i->family === $row->family && $i->rung === $proposal->rung);
        if ($taken) {
            throw Refusal::at('proposal', sprintf(
                '"%s" is in the plan already. Take one of the two out, or refuse.', $here->rung->name,
            ));
        }
        $recipe = Drafter::recipe($here, PlanItemRow::goal($row), $dose);
        $this->row($row, $proposal, $dose, $recipe, $here, $by);
        Proposal::query()->whereKey($proposal->id)->update(
            ['taken' => json_encode($dose, JSON_THROW_ON_ERROR), 'plan_snapshot_id' => $before->id],
        );
    }

    private function row(
        PlanItem $item,
        Proposal $proposal,
        Dose $dose,
        ?string $recipe,
        RungHere $here,
        User $by,
    ): void {
        $values = ['dose' => $dose->jsonSerialize(), 'recipe' => $recipe, 'because' => [
            ...array_values(
                array_filter(
                    $item->because,
                    static fn (array $r): bool => in_array($r['from'], ['goal', 'limit', 'measure'], true)
                        || str_starts_with($r['rule'], Need::RULE),
                ),
            ),
            ...$proposal->because,
            ['from' => 'rule', 'rule' => 'clinician', 'says' => 'Decided by '.$by->name.'.', 'source' => ''],
        ]];
        if ($item->rung !== $proposal->rung) {
            $wishes = $this->build->wishes($proposal->client);
            $new = (new Drafter($here->situation))->offer($here, $wishes)->item;
            if ($new !== null) {
                $values = [
                    ...PlanItemRow::from($new), ...$values,
                    ...OwnSetUp::row($proposal->client, $item->family, $new->rung->code),
                ];
            }
        }
        $item->update($values);
    }
}
