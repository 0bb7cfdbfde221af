<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\CheckGate;
use App\Editing\OneForm;
use App\Http\Clinic\Requests\GateRequest;
use App\Http\Clinic\Resources\GateResource;
use App\Models\Client;
use BuoyantStep\Core\Situation\Situation;
use Illuminate\Http\RedirectResponse;
use Inertia\Response;

final class GateController extends StageController
{
    public function show(Client $client): Response
    {
        return $this->stage('clinic/Gate', $client, static fn (Situation $s): array => GateResource::of($client, $s));
    }

    public function store(GateRequest $request, Client $client, CheckGate $gate, OneForm $once): RedirectResponse
    {
        $me = $this->me($request);
        $pain = $request->filled('pain') ? $request->integer('pain') : null;
        $once->run(
            $me,
            'gate',
            $request->string('key')->value(),
            [$client->id, $request->readings(), $request->symptoms(), $pain],
            static fn (): int => $gate->run($client, $me, $request->readings(), $request->symptoms(), $pain)->id,
        );

        return $this->said('Checked and kept.');
    }
}
