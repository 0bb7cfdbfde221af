<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\GateCheck;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\SignKind;
use BuoyantStep\Core\Vocabulary\Watch;

/** What to ask before this client's session, what is usual for them, and the checks so far. */
final class GateResource
{
    /** @return array<string, mixed> */
    public static function of(Client $client, Situation $situation): array
    {
        $before = array_filter(
            $situation->envelope->watches(), static fn (Watch $w): bool => $w->when === Moment::Before,
        );
        $usual = $situation->client->usual;
        $symptoms = array_map(static fn (Sign $s): array => [
            'code' => $s->value, 'label' => $s->label(), 'stops' => $s->kind() === SignKind::Stop,
        ], Sign::asked());
        $checks = $client->gateChecks()->limit(8)->get();
        $newest = $checks->first();

        return [
            'watches' => array_values(array_map(static fn (Watch $w): string => $w->what->value, $before)),
            'readings' => ReadingResource::latest($client),
            'usual' => [
                'sbp' => $usual->systolic, 'dbp' => $usual->diastolic, 'heart_rate' => $usual->heartRate,
                'spo2' => $usual->spo2,
                'weight_kg' => $usual->weightKg, 'pain' => $usual->pain,
            ],
            'symptoms' => $symptoms,
            'checks' => $checks->map(static fn (GateCheck $c): array => [
                'id' => $c->id, 'at' => $c->created_at->setTimezone($client->clinic->timezone)->format('Y-m-d H:i'),
                'holds' => $c->id === $newest?->id
                    && GateVerdict::from($c->verdict)->holdsAfter(Day::of($c->checked_on)->daysTo($situation->on)),
                'verdict' => $c->verdict, 'label' => GateVerdict::from($c->verdict)->label(), 'because' => $c->because,
                'actions' => $c->actions, 'unknown' => $c->unknown,
                'again_in_minutes' => $c->again_in_minutes, 'again_at' => $c->again_in_minutes === null
                    ? null
                    : $c->created_at->addMinutes($c->again_in_minutes)->toIso8601String(),
                'readings' => self::say($c->readings),
            ])->values()->all(),
        ];
    }

    /** @param  array<string, int|float|bool>  $readings */
    private static function say(array $readings): string
    {
        $names = [
            'sbp' => 'upper pressure', 'dbp' => 'lower pressure', 'spo2' => 'saturation', 'glucose_mmol' => 'glucose',
            'ketones_mmol' => 'ketones', 'temp_c' => 'temperature', 'weight_kg' => 'weight',
        ];
        $says = [];
        foreach ($readings as $key => $value) {
            if (is_bool($value)) {
                if ($value) {
                    $says[] = str_replace('_', ' ', $key);
                }
            } else {
                $says[] = ($names[$key] ?? str_replace('_', ' ', $key)).' '.rtrim(
                    rtrim(number_format((float) $value, 1, '.', ''), '0'), '.',
                );
            }
        }

        return implode(', ', $says);
    }
}
