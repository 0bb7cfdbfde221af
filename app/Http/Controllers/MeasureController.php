<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordMeasures;
use App\Http\Requests\MeasureRequest;
use App\Http\Resources\MeasureResource;
use App\Models\Client;
use BuoyantStep\Core\Plan\Situation;
use Illuminate\Http\RedirectResponse;
use Inertia\Response;

final class MeasureController extends StageController
{
    public function show(Client $client): Response
    {
        return $this->stage('Measure', $client, static fn (Situation $s): array => MeasureResource::of($client, $s));
    }

    public function store(MeasureRequest $request, Client $client, RecordMeasures $record): RedirectResponse
    {
        $count = $record->run($client, $this->me($request), $request->rows(), $request->string('measured_on')->value());

        return $this->said($count === 1 ? 'One result saved.' : $count.' results saved.');
    }
}
