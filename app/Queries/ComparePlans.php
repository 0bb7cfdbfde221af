<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\User;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Plan\PlanDifference;
use BuoyantStep\Core\Units\Day;

/** Two versions of one client's plan, the earlier first whichever is asked for first. */
final class ComparePlans
{
    private const MOST_DECISIONS = 30;

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return array<string, mixed> */
    public function run(Client $client, int $one, int $other): array
    {
        $before = $this->version($client, min($one, $other));
        $after = $this->version($client, max($one, $other));
        $decisions = Decision::query()->where('client_id', $client->id)->where('kind', '!=', 'client.screened')
            ->whereBetween('made_at', [$before->created_at, $after->updated_at])
            ->latest('id')->limit(self::MOST_DECISIONS)->get();
        $names = User::query()->whereIn('id', $decisions->pluck('user_id')->all())->pluck('name', 'id')->all();
        $masses = $client->massUnit();
        $differences = PlanDifference::between(
            PlanItemRow::all($before, $this->catalogue), PlanItemRow::all($after, $this->catalogue),
        );

        return [
            'differences' => array_map(static fn (array $d): array => [
                ...$d, 'says' => array_map($masses->render(...), $d['says']),
            ], $differences),
            'decisions' => array_values($decisions->map(static fn (Decision $d): array => [
                'on' => Day::of(substr($d->made_at, 0, 10))->label(),
                'by' => is_string($names[$d->user_id] ?? null) ? $names[$d->user_id] : '',
                'says' => $masses->render($d->says), 'reason' => $d->reason,
            ])->all()),
        ];
    }

    private function version(Client $client, int $version): Plan
    {
        return $client->plans()->with('items')->where('version', $version)->firstOrFail();
    }
}
