<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\PlanSnapshot;
use App\Models\Proposal;
use App\Models\User;
use App\Rows\BlockRow;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;
use Illuminate\Support\Facades\DB;

/**
 * Where every change to a client's plans begins: one writer at a time, on the state that the page showed, with the
 * draft as it was before kept to go back to.
 */
final class PlanDesk
{
    /** So many changes can be taken back, until a plan is issued. */
    private const KEPT = 20;

    /**
     * Locks the client's plans and takes them to their next revision. Only inside a transaction.
     *
     * @param  int|null  $revision  that the page showed; null where the change does not depend on it
     */
    public function next(Client $client, User $by, ?int $revision, string $says): PlanSnapshot
    {
        $now = Client::query()->lockForUpdate()->findOrFail($client->id);
        if ($revision !== null && $revision !== $now->plan_revision) {
            throw Refusal::at(
                'revision',
                sprintf(
                    'Someone changed this plan meanwhile%s. The page shows it as it is now; make your change again.',
                    self::last($client),
                ),
            );
        }
        // Another change: what was taken back before it is not made again.
        PlanSnapshot::query()->where('client_id', $client->id)->where('taken_back', true)->delete();

        return $this->push($client, $now, $by, $says);
    }

    /** Takes the plans to their next revision, with the draft of before kept to go back to. */
    private function push(Client $client, Client $now, User $by, string $says, bool $takenBack = false): PlanSnapshot
    {
        $now->update(['plan_revision' => $now->plan_revision + 1]);
        $client->plan_revision = $now->plan_revision;
        $client->syncOriginalAttribute('plan_revision');
        $draft = $client->plans()->where('status', Plan::DRAFT)->with('items')->first();
        PlanSnapshot::query()->where('client_id', $client->id)->where(
            'revision', '<=', $now->plan_revision - self::KEPT,
        )->delete();

        return PlanSnapshot::query()->create([
            'client_id' => $client->id, 'user_id' => $by->id, 'revision' => $now->plan_revision,
            'says' => Mass::cut($says, 200), 'draft' => $draft === null
                ? null
                : self::picture($draft),
            'wishes' => $now->wishes, 'taken_back' => $takenBack,
        ]);
    }

    /** The draft on the desk, ready to be changed: the one there is, or a copy of the issued plan. */
    public function draft(Client $client, User $by, ?int $revision, string $says): Plan
    {
        return DB::transaction(function () use ($client, $by, $revision, $says): Plan {
            $this->next($client, $by, $revision, $says);

            return $this->onDesk($client);
        });
    }

    /** The same after `next`, where the caller needs its snapshot. */
    public function onDesk(Client $client): Plan
    {
        $draft = $client->plans()->where('status', Plan::DRAFT)->first() ?? $this->copyOfIssued($client);
        $draft->update(['revision' => $client->plan_revision]);

        return $draft->load('items');
    }

    /** Throws the draft away; what is issued stays as it is, and the draft can be taken back. */
    public function discard(Client $client, User $by, int $revision): void
    {
        DB::transaction(function () use ($client, $by, $revision): void {
            $this->next($client, $by, $revision, 'A draft thrown away.');
            if ($client->plans()->where('status', Plan::DRAFT)->delete() === 0) {
                throw Refusal::at('plan', 'There is no draft to throw away.');
            }
            Decision::record($by, $client, 'plan.discarded', 'A draft thrown away.');
        });
    }

    /** Takes the newest change of the draft back; what was decided by it is open again. Returns what was taken back. */
    public function undo(Client $client, User $by, int $revision): string
    {
        return DB::transaction(function () use ($client, $by, $revision): string {
            $now = Client::query()->lockForUpdate()->findOrFail($client->id);
            $top = $this->newest($client);
            $this->assertShown($client, $now, $revision);
            if ($top === null) {
                throw Refusal::at('plan', 'There is nothing to take back: since the last issue nothing was changed.');
            }
            // What a decision came from is decided again, not made again by a key.
            $decided = Proposal::query()->where('plan_snapshot_id', $top->id)->exists();
            $this->push($client, $now, $by, $top->says, takenBack: true);
            if ($decided) {
                PlanSnapshot::query()->where('client_id', $client->id)->where('taken_back', true)->delete();
            }
            $now->update(['wishes' => $top->wishes]);
            $this->reopen($client, $top);
            $this->putBack($client, $top);
            $top->delete();
            Decision::record(
                $by, $client, 'plan.undone', 'Taken back: '.$top->says, ['revision' => $now->plan_revision],
            );

            return $top->says;
        });
    }

    /** Makes the newest change again that was taken back. Returns what it was. */
    public function redo(Client $client, User $by, int $revision): string
    {
        return DB::transaction(function () use ($client, $by, $revision): string {
            $now = Client::query()->lockForUpdate()->findOrFail($client->id);
            $this->assertShown($client, $now, $revision);
            $top = $this->newest($client, takenBack: true);
            if ($top === null) {
                throw Refusal::at('plan', 'There is nothing to make again.');
            }
            $this->push($client, $now, $by, $top->says);
            $now->update(['wishes' => $top->wishes]);
            $this->putBack($client, $top);
            $top->delete();
            Decision::record(
                $by, $client, 'plan.redone', 'Made again: '.$top->says, ['revision' => $now->plan_revision],
            );

            return $top->says;
        });
    }

    private function assertShown(Client $client, Client $now, int $revision): void
    {
        if ($revision !== $now->plan_revision) {
            throw Refusal::at('revision', sprintf(
                'Someone changed this plan meanwhile%s. The page shows it as it is now.', self::last($client),
            ));
        }
    }

    /** @param  bool  $takenBack  of the changes that were taken back, not of those that stand */
    public function newest(Client $client, bool $takenBack = false): ?PlanSnapshot
    {
        return PlanSnapshot::query()->where('client_id', $client->id)->where('taken_back', $takenBack)
            ->latest('id')->first();
    }

    /**
     * What the newest change was that can be taken back, and that can be made again: in one look, without the drafts.
     *
     * @return array{undo: string|null, redo: string|null} null since the last issue
     */
    public function said(Client $client): array
    {
        $says = PlanSnapshot::query()->where('client_id', $client->id)->orderBy('id')->pluck('says', 'taken_back');
        $last = static fn (int $takenBack): ?string => is_string($says[$takenBack] ?? null) ? $says[$takenBack] : null;

        return ['undo' => $last(0), 'redo' => $last(1)];
    }

    public function nextVersion(Client $client): int
    {
        $max = $client->plans()->max('version');

        return (is_numeric($max) ? (int) $max : 0) + 1;
    }

    /**
     * What was decided by the change is open again; where a later session was reviewed since, it has been overtaken.
     */
    private function reopen(Client $client, PlanSnapshot $top): void
    {
        foreach (Proposal::query()->where('plan_snapshot_id', $top->id)->get() as $proposal) {
            $overtaken = Proposal::query()->where('client_id', $client->id)->where('id', '>', $proposal->id)->where(
                'session_log_id', '!=', $proposal->session_log_id,
            )->exists();
            $proposal->update(
                [
                    'status' => $overtaken ? Proposal::SUPERSEDED : Proposal::OPEN,
                    'taken' => null,
                    'plan_snapshot_id' => null,
                ],
            );
        }
    }

    private function copyOfIssued(Client $client): Plan
    {
        $issued = $client->plans()->where('status', Plan::ISSUED)->with('items')->first();
        if ($issued === null) {
            throw Refusal::at('plan', 'There is no plan to change. Draft one first.');
        }
        $copy = $client->plans()->create([
            ...$issued->only(['aim', 'structure', 'minutes', 'days', 'notes', 'wishes', 'session']),
            ...BlockRow::carried($issued, $client->clinic->today()),
            'version' => $this->nextVersion($client), 'status' => Plan::DRAFT, 'revision' => $client->plan_revision,
            'drafted_on' => (string) $client->clinic->today(),
        ]);
        foreach ($issued->items as $item) {
            $copy->items()->create([
                ...$item->only(PlanItem::COPIED),
                'last_load_g' => is_int($item->dose['load_g'] ?? null) ? $item->dose['load_g'] : null,
            ]);
        }

        return $copy;
    }

    private function putBack(Client $client, PlanSnapshot $snapshot): void
    {
        $client->plans()->where('status', Plan::DRAFT)->delete();
        if ($snapshot->draft === null) {
            return;
        }
        $plan = new Plan(
            [
                ...$snapshot->draft['plan'], 'client_id' => $client->id, 'status' => Plan::DRAFT,
                'revision' => $client->plan_revision,
            ],
        );
        $plan->save();
        foreach ($snapshot->draft['items'] as $row) {
            $plan->items()->create($row);
        }
    }

    /** @return array{plan: array<string, mixed>, items: list<array<string, mixed>>} */
    private static function picture(Plan $plan): array
    {
        return [
            'plan' => $plan->only([
                'id', 'version', 'aim', 'structure', 'minutes', 'days', 'notes', 'wishes', 'session', 'block_weeks',
                'block_start', 'block_easier', 'drafted_on',
            ]),
            'items' => array_values(
                $plan->items->map(
                    static fn (PlanItem $i): array => $i->only(['id', ...PlanItem::COPIED, 'last_load_g']),
                )->all(),
            ),
        ];
    }

    /** By whom, as far as the desk knows: " (R. Okonjo: dose of tote row)". */
    private static function last(Client $client): string
    {
        $top = PlanSnapshot::query()->where('client_id', $client->id)->latest('id')->first();
        $name = $top === null ? null : User::query()->whereKey($top->user_id)->value('name');

        return is_string($name) ? sprintf(' (%s: %s)', $name, Phrase::within(rtrim($top->says, '.'))) : '';
    }
}
