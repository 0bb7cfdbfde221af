<?php

declare(strict_types=1);

namespace App\Devices;

use BuoyantStep\Core\Units\Phrase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A simulated device: what it would send for a person with these values, with the noise and drift of its kind and, when
 * asked, a fault. It speaks the very form that a real gateway would send; it is not a device and measures nobody.
 */
final class StandIn
{
    /** Fault to its name. */
    public const FAULTS = [
        'none' => 'no fault', 'implausible' => 'implausible', 'stale' => '45 minutes old',
        'low_battery' => 'battery low', 'dropped' => 'lost on the way',
    ];

    /** What a healthy adult at rest might read: where the bench begins. */
    private const USUAL = [
        'sbp' => 132, 'dbp' => 78, 'heart_rate' => 72, 'spo2' => 96, 'glucose_mmol' => 6.4, 'temp_c' => 36.6,
        'grip_kg' => 22, 'mass_kg' => 2.5,
    ];

    /** Standard deviation of repeated readings, per field, in our units. House estimates for consumer devices. */
    private const NOISE = [
        'sbp' => 4.0, 'dbp' => 3.0, 'heart_rate' => 2.0, 'spo2' => 0.8, 'glucose_mmol' => 0.3, 'temp_c' => 0.1,
        'grip_kg' => 0.8, 'mass_kg' => 0.01,
    ];

    private readonly Randomizer $random;

    public function __construct(private readonly DeviceKind $kind, int $seed, private readonly float $driftPct = 0.0)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return list<array{key: string, label: string, start: string}> what a device of this kind measures */
    public static function fields(DeviceKind $kind): array
    {
        return array_map(static fn (string $f): array => [
            'key' => $f,
            'label' => 'True '.Phrase::within(DeviceKind::fieldLabel($f)),
            'start' => (string) self::USUAL[$f],
        ], array_keys($kind->fields()));
    }

    /**
     * @param  array<string, float>  $true  field to the value the device would find without noise
     * @return array{
     *     values: array<string, float>, ...
     * }|null the gateway's payload; null when the reading is lost on the way
     */
    public function read(array $true, string $fault, int $clientId, string $at, string $key): ?array
    {
        if ($fault === 'dropped') {
            return null;
        }
        $values = [];
        foreach (array_keys($this->kind->fields()) as $field) {
            if (isset($true[$field])) {
                $noisy = ($true[$field] + $this->gauss() * self::NOISE[$field]) * (1 + $this->driftPct / 100);
                $values[$field] = round(
                    $fault === 'implausible' ? $noisy * 9 : $noisy,
                    in_array($field, ['sbp', 'dbp', 'heart_rate', 'spo2'], true) ? 0 : 2,
                );
            }
        }
        if (isset($values['spo2']) && $fault !== 'implausible') {
            $values['spo2'] = min(100, $values['spo2']);
        }

        return [
            'device_id' => 'bench-'.$this->kind->value, 'kind' => $this->kind->value, 'client_id' => $clientId,
            'key' => $key, 'time' => $at,
            'unit' => array_key_first($this->kind->units()), 'values' => $values,
            'battery_pct' => $fault === 'low_battery'
                ? 4
                : 83,
        ];
    }

    /** A standard normal number, from two uniform ones (Box and Muller 1958). */
    private function gauss(): float
    {
        $uniform = fn (): float => $this->random->getInt(1, 1_000_000) / 1_000_000;

        return sqrt(-2 * log($uniform())) * cos(2 * M_PI * $uniform());
    }
}
