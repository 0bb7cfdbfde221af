<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\GateCheck;
use BuoyantStep\Core\Gate\Asked;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\SignKind;

/** What to ask before this client's session, what is usual for them, and the checks so far. */
final class GateResource
{
    private const SECOND_LOOK = 'second look';

    /** @return array<string, mixed> */
    public static function of(Client $client, Situation $situation): array
    {
        $checks = $client->gateChecks()->limit(8)->get();
        $newest = $checks->first();

        return [
            ...self::questions($situation),
            'readings' => ReadingResource::latest($client),
            'checks' => $checks->map(static fn (GateCheck $c): array => [
                'id' => $c->id, 'at' => $c->created_at->setTimezone($client->clinic->timezone)->format('Y-m-d H:i'),
                'holds' => $c->id === $newest?->id
                    && GateVerdict::from($c->verdict)->holdsAfter(Day::of($c->checked_on)->daysTo($situation->on)),
                'verdict' => $c->verdict, 'label' => GateVerdict::from($c->verdict)->label(), 'because' => $c->because,
                'actions' => $c->actions, 'unknown' => $c->unknown, 'again_in_minutes' => $c->again_in_minutes,
                'again_at' => $c->again_in_minutes === null
                    ? null
                    : $c->created_at->addMinutes($c->again_in_minutes)->toIso8601String(),
                'readings' => self::say($c->readings),
            ])->values()->all(),
        ];
    }

    /** @param  array<string, int|float|bool>  $readings */
    private static function say(array $readings): string
    {
        $says = [];
        foreach ($readings as $key => $value) {
            $says[] = is_bool($value)
                ? ($value ? Phrase::within(Seen::tryFrom($key)?->label() ?? self::SECOND_LOOK) : '')
                : (Vital::tryFrom($key)?->say((float) $value) ?? '');
        }

        return implode(', ', array_filter($says));
    }

    /**
     * What the check asks, what this client's limits ask for first.
     *
     * @return array<string, mixed>
     */
    private static function questions(Situation $situation): array
    {
        $usual = $situation->client->usual;
        $numbers = array_map(static fn (Vital $v): array => [
            'key' => $v->value, 'label' => $v->label(), 'unit' => $v->unit(), 'mass' => $v === Vital::Weight,
            'asked' => Asked::wants($situation->envelope, $v),
            'usual' => match ($v) {
                Vital::Systolic => $usual->systolic,
                Vital::Diastolic => $usual->diastolic,
                Vital::HeartRate => $usual->heartRate,
                Vital::Saturation => $usual->spo2,
                Vital::Weight => $usual->weightKg === null ? null : Mass::say($usual->weightKg * 1000),
                Vital::Pain => $usual->pain,
                default => null,
            },
        ], Vital::cases());

        return [
            'numbers' => [...array_filter($numbers, static fn (array $n): bool => $n['asked']),
                ...array_filter($numbers, static fn (array $n): bool => ! $n['asked'])],
            'answers' => array_map(static fn (Seen $s): array => [
                'key' => $s->value, 'label' => $s->label(), 'asked' => Asked::wants($situation->envelope, $s),
            ], Seen::cases()),
            'symptoms' => array_map(static fn (Sign $s): array => [
                'code' => $s->value, 'label' => $s->label(), 'stops' => $s->kind() === SignKind::Stop,
            ], $situation->envelope->signsToAsk()),
        ];
    }
}
