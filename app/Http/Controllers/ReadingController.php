<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\DeviceKind;
use App\Devices\TakeReading;
use App\Http\Resources\ReadingResource;
use App\Models\Client;
use App\Models\Clinic;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Where gateways deliver, and where the Gate stage looks for what came in. */
final class ReadingController extends Controller
{
    public function store(Request $request, TakeReading $take): JsonResponse
    {
        $clinic = $request->attributes->get('clinic');
        abort_unless($clinic instanceof Clinic, 401);
        /** @var array{device_id: string, kind: string, client_id: int, key: string, time: string, unit: string, values: array<string, float>, battery_pct?: float|null} $given */
        $given = $request->validate([
            'device_id' => ['required', 'string', 'max:60'], 'kind' => ['required', Rule::enum(DeviceKind::class)], 'client_id' => ['required', 'integer'],
            'key' => ['required', 'string', 'min:8', 'max:64'], 'time' => ['required', 'date'], 'unit' => ['required', 'string', 'max:12'],
            'values' => ['required', 'array', 'max:6'], 'values.*' => ['numeric'], 'battery_pct' => ['nullable', 'numeric', 'between:0,100'],
        ]);
        $reading = $take->run($clinic, $given);

        return response()->json(['id' => $reading->id, 'status' => $reading->status, 'note' => $reading->note], $reading->wasRecentlyCreated ? 201 : 200);
    }

    public function index(Client $client): JsonResponse
    {
        return response()->json(['readings' => ReadingResource::latest($client)]);
    }
}
