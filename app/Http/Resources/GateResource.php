<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Client;
use App\Models\GateCheck;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Gate\GateVerdict;
use BuoyantStep\Core\Limits\Gate\Symptoms;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Units\Day;

/** What to ask before this client's session, what is usual for them, and the checks so far. */
final class GateResource
{
    /** @return array<string, mixed> */
    public static function of(Client $client, Situation $situation): array
    {
        $watches = [];
        foreach ($situation->envelope->words(Field::Watches) as $watch) {
            [$what, $when] = explode('|', $watch) + ['', ''];
            if ($when === 'before') {
                $watches[] = $what;
            }
        }
        $usual = $situation->client->usual;
        $symptoms = [];
        foreach (Symptoms::all() as $code => $label) {
            $symptoms[] = ['code' => $code, 'label' => $label, 'stops' => isset(Symptoms::STOP[$code])];
        }

        $checks = $client->gateChecks()->limit(8)->get();
        $newest = $checks->first();

        return [
            'watches' => $watches,
            'readings' => ReadingResource::latest($client),
            'usual' => ['sbp' => $usual->sbp, 'dbp' => $usual->dbp, 'heart_rate' => $usual->heartRate, 'spo2' => $usual->spo2, 'weight_kg' => $usual->weightKg, 'pain' => $usual->pain],
            'symptoms' => $symptoms,
            'checks' => $checks->map(static fn (GateCheck $c): array => [
                'id' => $c->id, 'at' => $c->created_at->setTimezone($client->clinic->timezone)->format('Y-m-d H:i'), 'holds' => $c->id === $newest?->id && GateVerdict::from($c->verdict)->holdsAfter(Day::of($c->checked_on)->daysTo($situation->on)),
                'verdict' => $c->verdict, 'label' => GateVerdict::from($c->verdict)->label(), 'because' => $c->because, 'actions' => $c->actions, 'unknown' => $c->unknown,
                'again_in_minutes' => $c->again_in_minutes, 'again_at' => $c->again_in_minutes === null ? null : $c->created_at->addMinutes($c->again_in_minutes)->toIso8601String(),
                'readings' => self::say($c->readings),
            ])->values()->all(),
        ];
    }

    /** @param  array<string, int|float|bool>  $readings */
    private static function say(array $readings): string
    {
        $names = ['sbp' => 'upper pressure', 'dbp' => 'lower pressure', 'spo2' => 'saturation', 'glucose_mmol' => 'glucose', 'ketones_mmol' => 'ketones', 'temp_c' => 'temperature', 'weight_kg' => 'weight'];
        $says = [];
        foreach ($readings as $key => $value) {
            if (is_bool($value)) {
                if ($value) {
                    $says[] = str_replace('_', ' ', $key);
                }
            } else {
                $says[] = ($names[$key] ?? str_replace('_', ' ', $key)).' '.rtrim(rtrim(number_format((float) $value, 1, '.', ''), '0'), '.');
            }
        }

        return implode(', ', $says);
    }
}
