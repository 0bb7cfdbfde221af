<?php

declare(strict_types=1);

namespace App\Devices;

use App\Actions\Refusal;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\DeviceReading;
use Carbon\CarbonImmutable;

/**
 * Takes what a gateway sends: converts units at the edge, and marks what cannot be trusted. A stale or implausible reading
 * is kept and shown as such, and never used.
 */
final class TakeReading
{
    /** Older than this says nothing about now. House convention. */
    public const FRESH_MINUTES = 10;

    /** A device's clock may run ahead by so much. */
    private const AHEAD_MINUTES = 2;

    private const LOW_BATTERY_PCT = 10;

    /** @param  array{device_id: string, kind: string, client_id: int, key: string, time: string, unit: string, values: array<string, float>, battery_pct?: float|null}  $given */
    public function run(Clinic $clinic, array $given): DeviceReading
    {
        $client = Client::query()->where('clinic_id', $clinic->id)->find($given['client_id']) ?? throw Refusal::at('client_id', 'This client is not known to the clinic of this gateway.');
        $kind = DeviceKind::from($given['kind']);
        $convert = $kind->units()[$given['unit']] ?? throw Refusal::at('unit', sprintf('The %s speaks %s.', lcfirst($kind->label()), implode(' or ', array_keys($kind->units()))));
        $values = [];
        $faults = [];
        foreach ($kind->fields() as $field => [$min, $max]) {
            if (! isset($given['values'][$field])) {
                continue;
            }
            // A pulse comes in beats whatever the unit of the main reading is.
            $values[$field] = $field === 'heart_rate' ? $given['values'][$field] : $convert($given['values'][$field]);
            if ($values[$field] < $min || $values[$field] > $max) {
                $faults[] = sprintf('%s of %s is not plausible', str_replace('_', ' ', $field), $values[$field]);
            }
        }
        if ($values === []) {
            throw Refusal::at('values', sprintf('A %s reads %s; none was sent.', lcfirst($kind->label()), implode(', ', array_keys($kind->fields()))));
        }
        if (isset($values['sbp'], $values['dbp']) && $values['dbp'] >= $values['sbp']) {
            $faults[] = 'the lower pressure is not below the upper';
        }
        $at = CarbonImmutable::parse($given['time'])->utc();
        $age = (int) $at->diffInMinutes(CarbonImmutable::now(), false);
        $status = $faults !== [] ? 'implausible' : ($age > self::FRESH_MINUTES || $age < -self::AHEAD_MINUTES ? 'stale' : 'fresh');
        $low = ($given['battery_pct'] ?? 100) < self::LOW_BATTERY_PCT;

        return DeviceReading::query()->createOrFirst(['clinic_id' => $clinic->id, 'idempotency_key' => $given['key']], [
            'client_id' => $client->id, 'device_id' => $given['device_id'], 'kind' => $kind->value, 'values' => $values, 'measured_at' => $at, 'status' => $status,
            'note' => match (true) {
                $faults !== [] => ucfirst(implode('; ', $faults)).': not used.',
                $status === 'stale' => sprintf('Read %d minutes ago: not used.', $age),
                $low => 'Battery low: read it again before you rely on it.',
                default => null,
            },
        ]);
    }
}
