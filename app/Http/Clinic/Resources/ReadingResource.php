<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Devices\DeviceKind;
use App\Devices\TakeReading;
use App\Editing\MassFields;
use App\Models\Client;
use App\Models\DeviceReading;

/** What devices sent for a client lately; only the fresh and plausible may be taken over. */
final class ReadingResource
{
    /** @return list<array<string, mixed>> newest first */
    public static function latest(Client $client): array
    {
        $since = now()->subHour();

        return array_values(DeviceReading::query()->where('client_id', $client->id)->where(
            'created_at', '>=', $since,
        )->orderByDesc('id')->limit(6)->get()
            ->map(static fn (DeviceReading $r): array => [
                'id' => $r->id, 'label' => DeviceKind::from($r->kind)->label(),
                'values' => MassFields::shown(array_map(strval(...), $r->values)),
                'says' => DeviceKind::say($r->values),
                'minutes' => max(0, (int) $r->measured_at->diffInMinutes(now())),
                // Fresh when it came in is not fresh for ever.
                'usable' => $r->status === 'fresh'
                    && $r->measured_at->diffInMinutes(now()) <= TakeReading::FRESH_MINUTES,
                'note' => $r->note,
            ])->all());
    }
}
