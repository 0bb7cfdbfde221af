<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\RecordMeasures;
use App\Editing\Conflict;
use App\Editing\MeasuredMeanwhile;
use App\Editing\OneForm;
use App\Editing\StaleRecord;
use App\Http\Clinic\Requests\MeasureRequest;
use App\Http\Clinic\Resources\MeasureResource;
use App\Models\Client;
use BuoyantStep\Core\Situation\Situation;
use Illuminate\Http\RedirectResponse;
use Inertia\Response;

final class MeasureController extends StageController
{
    public function show(Client $client): Response
    {
        return $this->stage(
            'clinic/Measure', $client, static fn (Situation $s): array => MeasureResource::of($client, $s),
        );
    }

    public function store(
        MeasureRequest $request,
        Client $client,
        RecordMeasures $record,
        OneForm $once,
    ): RedirectResponse {
        $me = $this->me($request);
        $rows = $request->rows();
        $on = $request->string('measured_on')->value();
        try {
            $once->run(
                $me,
                'measure',
                $request->string('key')->value(),
                [$client->id, $on, $rows],
                static fn (): int => $record->run($client, $me, $rows, $on, $request->integer('seen')),
            );
        } catch (MeasuredMeanwhile $meanwhile) {
            return Conflict::told(StaleRecord::of($client->clinic_id, $client->id, ['measured']), $client->clinic, [
                'version' => $client->measures()->latest('id')->first()->id
                    ?? 0,
                'clashes' => array_map(
                    static fn (array $c): array => ['field' => $c['label'], 'value' => null, ...$c],
                    $meanwhile->clashes,
                ),
            ]);
        }
        $count = count($rows);

        return $this->said($count === 1 ? 'One result saved.' : $count.' results saved.');
    }
}
