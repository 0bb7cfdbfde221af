<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Takes out one stored thing that cannot be read, and keeps what it said in the record of decisions. */
final class MendRecord
{
    public function run(Client $client, User $by, string $part, int $id): void
    {
        DB::transaction(function () use ($client, $by, $part, $id): void {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            $kept = match ($part) {
                'place' => $this->place($client),
                'clearance' => self::delete($client->clearances()->findOrFail($id)),
                'measure' => self::delete($client->measures()->findOrFail($id)),
                'piece' => self::delete($client->pieces()->findOrFail($id)),
                'carrier' => self::delete($client->carriers()->findOrFail($id)),
                'band' => self::delete($client->bands()->findOrFail($id)),
                'plan_item' => $this->planItem($client, $id),
                'proposal' => self::supersede(Proposal::query()->where('client_id', $client->id)->findOrFail($id)),
                'log_item' => self::delete(
                    LogItem::query()->whereIn('session_log_id', $client->logs()->select('id'))->findOrFail($id),
                ),
                default => throw Refusal::at('part', 'This is put right on Screen.'),
            };
            Decision::record(
                $by,
                $client,
                'record.mended',
                sprintf('Taken out because it could not be read: %s.', str_replace('_', ' ', $part)),
                ['part' => $part, 'id' => $id, 'stored' => $kept],
            );
        });
    }

    /** @return array<string, mixed> */
    private function place(Client $client): array
    {
        $kept = ['place' => $client->getRawOriginal('place')];
        SaveKit::next($client);
        $client->fill(['place' => null])->save();

        return $kept;
    }

    /**
     * Out of a draft goes the exercise; a plan in use with a dose that nobody can read is no plan to be in use.
     *
     * @return array<string, mixed>
     */
    private function planItem(Client $client, int $id): array
    {
        $item = PlanItem::query()->whereIn('plan_id', $client->plans()->select('id'))->findOrFail($id);
        $plan = Plan::query()->findOrFail($item->plan_id);
        if ($plan->status === Plan::DRAFT) {
            return self::delete($item);
        }
        $plan->update(['status' => Plan::SUPERSEDED]);
        Proposal::query()->whereIn(
            'plan_item_id', $plan->items()->select('id'),
        )->where('status', Proposal::OPEN)->update(['status' => Proposal::SUPERSEDED]);

        return $item->getRawOriginal();
    }

    /** @return array<string, mixed> */
    private static function supersede(Proposal $proposal): array
    {
        $kept = $proposal->getRawOriginal();
        $proposal->update(['status' => Proposal::SUPERSEDED]);

        return $kept;
    }

    /** @return array<string, mixed> */
    private static function delete(Model $row): array
    {
        $kept = $row->getRawOriginal();
        $row->delete();

        return $kept;
    }
}
