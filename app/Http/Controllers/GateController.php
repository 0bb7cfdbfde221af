<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CheckGate;
use App\Http\Requests\GateRequest;
use App\Http\Resources\GateResource;
use App\Models\Client;
use BuoyantStep\Core\Plan\Situation;
use Illuminate\Http\RedirectResponse;
use Inertia\Response;

final class GateController extends StageController
{
    public function show(Client $client): Response
    {
        return $this->stage('Gate', $client, static fn (Situation $s): array => GateResource::of($client, $s));
    }

    public function store(GateRequest $request, Client $client, CheckGate $gate): RedirectResponse
    {
        $gate->run($client, $this->me($request), $request->readings(), $request->symptoms(), $request->filled('pain') ? $request->integer('pain') : null);

        return $this->said('Checked and kept.');
    }
}
