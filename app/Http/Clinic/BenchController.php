<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Devices\DeviceKind;
use App\Devices\StandIn;
use App\Http\Clinic\Requests\ClinicRequest;
use App\Http\Controller;
use App\Models\Client;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/**
 * The bench of simulated devices: it makes a payload; the page sends it in over the same interface as a real gateway.
 */
final class BenchController extends Controller
{
    /** Minutes that the "stale" fault lets a reading age. */
    private const STALE_MINUTES = 45;

    public function show(Request $request): Response
    {
        return Inertia::render('clinic/Bench', [
            'clients' => Client::query()->where(
                'clinic_id', $this->me($request)->clinic_id,
            )->orderBy('family_name')->get(['id', 'given_name', 'family_name'])->map(
                static fn (Client $c): array => ['id' => $c->id, 'name' => $c->name()],
            )->all(),
            'devices' => array_map(
                static fn (DeviceKind $k): array => [
                    'kind' => $k->value, 'label' => $k->label(), 'fields' => StandIn::fields($k),
                ],
                DeviceKind::cases(),
            ),
            'faults' => array_map(null, array_keys(StandIn::FAULTS), array_values(StandIn::FAULTS)),
        ]);
    }

    public function read(Request $request): JsonResponse
    {
        $request->merge(
            [
                'drift_pct' => ClinicRequest::decimal($request->input('drift_pct')),
                'true' => array_map(ClinicRequest::decimal(...), (array) $request->input('true')),
            ],
        );
        $request->validate(
            [
                'kind' => ['required', Rule::enum(DeviceKind::class)],
                'client_id' => ['required', 'integer'],
                'fault' => ['required', Rule::in(array_keys(StandIn::FAULTS))],
                'drift_pct' => ['nullable', 'numeric', 'between:-30,30'],
                'true' => ['required', 'array'],
                'true.*' => ['nullable', 'numeric', 'between:-100000,100000'],
            ],
            ['true.*' => 'Enter numbers, for example 130.'],
        );
        $client = Client::query()->where(
            'clinic_id', $this->me($request)->clinic_id,
        )->findOrFail($request->integer('client_id'));
        $true = [];
        foreach ((array) $request->input('true') as $field => $value) {
            if (is_numeric($value)) {
                $true[(string) $field] = (float) $value;
            }
        }
        $fault = $request->string('fault')->value();
        $at = $fault === 'stale' ? now()->subMinutes(self::STALE_MINUTES) : now();
        $kind = DeviceKind::from($request->string('kind')->value());

        $payload = (new StandIn($kind, random_int(1, PHP_INT_MAX >> 1), $request->float('drift_pct')))
            ->read($true, $fault, $client->id, $at->toIso8601String(), (string) Str::uuid());

        return response()->json([
            'payload' => $payload, 'says' => $payload === null ? '' : DeviceKind::say($payload['values']),
        ]);
    }
}
