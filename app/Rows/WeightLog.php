<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Client;
use App\Models\GateCheck;
use BuoyantStep\Core\Units\Day;

/** What a client weighed on the days before, as the checks before their sessions wrote it down. */
final class WeightLog
{
    /** As far back as any rule looks, and a day. */
    private const DAYS = 4;

    /** @return list<array{on: string, kg: float}> */
    public static function of(Client $client, Day $on): array
    {
        $checks = GateCheck::query()->where('client_id', $client->id)->where(
            'checked_on', '>=', (string) $on->plus(-self::DAYS),
        )->get(['checked_on', 'readings']);
        $weights = $checks->filter(static fn (GateCheck $c): bool => isset($c->readings['weight_kg']))->map(
            static fn (GateCheck $c): array => [
                'on' => substr($c->checked_on, 0, 10), 'kg' => (float) $c->readings['weight_kg'],
            ],
        );

        return array_values($weights->all());
    }
}
