<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Client;
use App\Models\Clinic;
use App\Models\DeviceReading;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;
use Carbon\CarbonImmutable;

/**
 * Takes what a gateway sends: converts units at the edge, and marks what cannot be trusted. A stale or implausible
 * reading is kept and shown as such, and never used.
 */
final class TakeReading
{
    /** Older than this says nothing about now. House convention. */
    public const FRESH_MINUTES = 10;

    /** A device's clock may run ahead by so much. */
    private const AHEAD_MINUTES = 2;

    private const LOW_BATTERY_PCT = 10;

    /**
     * @throws InvalidInput naming the field
     * @throws KeyTaken when the key was used for another reading
     */
    public function run(Clinic $clinic, Delivery $given): DeviceReading
    {
        $client = Client::query()->where('clinic_id', $clinic->id)->find($given->clientId)
            ?? throw InvalidInput::at('/client_id', 'This client is not known to the clinic of this gateway.');
        [$values, $faults] = self::values($given);
        $age = (int) $given->time->diffInMinutes(CarbonImmutable::now(), false);
        $status = $faults !== []
            ? 'implausible'
            : ($age > self::FRESH_MINUTES || $age < -self::AHEAD_MINUTES ? 'stale' : 'fresh');
        $low = ($given->batteryPct ?? 100) < self::LOW_BATTERY_PCT;
        $reading = DeviceReading::query()->createOrFirst([
            'clinic_id' => $clinic->id, 'idempotency_key' => $given->key,
        ], [
            'client_id' => $client->id, 'device_id' => $given->deviceId, 'kind' => $given->kind->value,
            'values' => $values, 'measured_at' => $given->time, 'status' => $status, 'content_hash' => $given->hash(),
            'note' => match (true) {
                $faults !== [] => Mass::cut(ucfirst(implode('; ', $faults)).': not used.', 200),
                $status === 'stale' => $age < 0
                    ? 'From a clock that runs ahead: not used.'
                    : sprintf('Read %d minutes ago: not used.', $age),
                $low => 'Battery low: read it again before you rely on it.',
                default => null,
            },
        ]);
        if (
            ! $reading->wasRecentlyCreated
            && $reading->content_hash !== null
            && ! hash_equals($reading->content_hash, $given->hash())
        ) {
            throw new KeyTaken;
        }

        return $reading;
    }

    /**
     * @return array{array<string, float>, list<string>} values in our units, and what makes them implausible
     *
     * @throws InvalidInput
     */
    private static function values(Delivery $given): array
    {
        $kind = $given->kind;
        $convert = $kind->units()[$given->unit]
            ?? throw InvalidInput::at(
                '/unit',
                sprintf(
                    'The %s speaks %s.', Phrase::within($kind->label()), implode(' or ', array_keys($kind->units())),
                ),
            );
        $values = [];
        $faults = [];
        foreach ($kind->fields() as $field => $range) {
            if (! isset($given->values[$field])) {
                continue;
            }
            // A pulse comes in beats whatever the unit of the main reading is.
            $values[$field] = $field === 'heart_rate' ? $given->values[$field] : $convert($given->values[$field]);
            if ($values[$field] < $range->min || $values[$field] > $range->max) {
                $faults[] = DeviceKind::say([$field => round($values[$field], 2)]).' is not plausible';
            }
        }
        if ($values === []) {
            throw InvalidInput::at(
                '/values',
                sprintf(
                    'A %s reads %s; none was sent.', Phrase::within($kind->label()),
                    implode(', ', array_keys($kind->fields())),
                ),
            );
        }
        if (isset($values['sbp'], $values['dbp']) && $values['dbp'] >= $values['sbp']) {
            $faults[] = 'the diastolic pressure is not below the systolic';
        }

        return [$values, $faults];
    }
}
