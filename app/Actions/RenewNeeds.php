<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Clinic;
use App\Models\KeptNeed;
use App\Models\Snooze;
use App\Models\Standing;
use App\Queries\FindNeeds;
use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * Works out anew what clients need, where something changed or a day has passed since it was worked out, and keeps it
 * for Today to read.
 */
final class RenewNeeds
{
    /** As many as a page may wait for. */
    public const AT_ONCE = 25;

    public function __construct(private readonly FindNeeds $needs)
    {
    }

    /** @return int how many are left that are not worked out for today */
    public function some(Clinic $clinic, int $most = self::AT_ONCE): int
    {
        $today = $clinic->today();
        $due = self::due($clinic, $today);
        // What somebody has just changed first, then who was looked at longest ago.
        $standings = (clone $due)->orderByDesc('stale')->orderBy('worked_on')->orderBy('rank')
            ->limit($most)->get(['client_id', 'changes']);
        if ($standings->isNotEmpty()) {
            $changes = [];
            foreach ($standings as $standing) {
                $changes[$standing->client_id] = $standing->changes;
            }
            foreach (FindNeeds::clients($clinic, array_keys($changes), $today) as $client) {
                $this->keep($client, $today, $changes[$client->id]);
            }
        }
        if (config('app.doubt_kept') === true) {
            $this->doubt($clinic, $today);
        }

        return count($standings) < $most ? 0 : $due->count();
    }

    /** @return Builder<Standing> those that are not worked out for today */
    private static function due(Clinic $clinic, Day $today): Builder
    {
        return Standing::query()->where('clinic_id', $clinic->id)->where(
            static fn (Builder $q) => $q->where('stale', true)->orWhereNull('worked_on')
                ->orWhere('worked_on', '!=', (string) $today),
        );
    }

    /** @param  int  $changes  as counted before the record was read: a change since then leaves it stale */
    private function keep(Client $client, Day $today, int $changes): void
    {
        ['needs' => $needs, 'shown' => $shown] = $this->needs->of($client, $today);
        $rows = self::rows($client, $needs, $today);
        $first = array_key_first(array_filter($rows, static fn (array $r): bool => $r['snoozed_until'] === null));
        DB::transaction(static function () use ($client, $today, $changes, $shown, $rows, $needs, $first): void {
            // In the order of everyone who writes: the client first. The other way round two would wait for each other.
            Client::query()->lockForUpdate()->findOrFail($client->id, ['id']);
            $standing = Standing::query()->lockForUpdate()->findOrFail($client->id);
            KeptNeed::query()->where('client_id', $client->id)->delete();
            KeptNeed::query()->insert($rows);
            $standing->update([
                'stale' => $standing->changes !== $changes, 'worked_on' => (string) $today,
                'rank' => $first === null ? Standing::QUIET : $needs[$first]->kind->rank(),
                'name' => $client->name(), 'shown' => $shown,
            ]);
        });
    }

    /**
     * @param  list<Need>  $needs
     * @return list<array<string, mixed>>
     */
    private static function rows(Client $client, array $needs, Day $today): array
    {
        return array_map(static function (Need $need) use ($client, $today): array {
            $about = self::about($need);
            $snooze = ! $need->kind->canWait() ? null : $client->snoozes->first(
                static fn (Snooze $s): bool => $s->kind === $need->kind->value && $s->about === $about
                    && $s->until > (string) $today,
            );

            return [
                'client_id' => $client->id, 'clinic_id' => $client->clinic_id, 'kind' => $need->kind->value,
                'says' => Mass::cut($need->says, 500), 'stage' => $need->stage, 'about' => $about,
                'snoozed_until' => $snooze?->until, 'snoozed_because' => $snooze?->reason,
            ];
        }, $needs);
    }

    public static function about(Need $need): string
    {
        return hash('xxh128', $need->about);
    }

    /** While testing: a change that no trigger tells of shows. */
    private function doubt(Clinic $clinic, Day $today): void
    {
        $kept = Standing::query()->where('clinic_id', $clinic->id)->where('stale', false)
            ->with('needs')->get();
        $ids = array_values(array_map(intval(...), $kept->modelKeys()));
        foreach (FindNeeds::clients($clinic, $ids, $today) as $client) {
            ['needs' => $needs, 'shown' => $shown] = $this->needs->of($client, $today);
            $standing = $kept->find($client->id);
            $was = $standing?->needs->map(static fn (KeptNeed $n): array => $n->getAttributes())->all() ?? [];
            $is = self::rows($client, $needs, $today);
            $same = array_map(
                static fn (array $r): array => array_diff_key($r, ['id' => 0]), array_values($was),
            ) == $is;
            if (! $same || $standing?->shown != $shown || $standing?->name !== $client->name()) {
                throw new LogicException("What Today keeps of client $client->id is not what would be worked out now.");
            }
        }
    }
}
