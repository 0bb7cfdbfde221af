<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\SaveKit;
use App\Editing\StaleRecord;
use App\Exchange\KitCsv;
use App\Http\Clinic\Requests\KitRequest;
use App\Http\Clinic\Resources\KitConflict;
use App\Http\Clinic\Resources\KitResource;
use App\Models\Client;
use BuoyantStep\Core\Situation\Situation;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Http\UploadedFile;
use Inertia\Response;

final class KitController extends StageController
{
    public function show(Client $client): Response
    {
        return $this->stage('clinic/Kit', $client, static fn (Situation $s): array => KitResource::of($client, $s));
    }

    public function update(KitRequest $request, Client $client, SaveKit $save): RedirectResponse
    {
        try {
            $save->run(
                $client, $this->me($request), $request->pieces(), $request->carriers(), $request->bands(),
                $request->home(), $request->integer('version'),
            );
        } catch (StaleRecord $stale) {
            return KitConflict::answer($stale, $client, $request);
        }

        return $this->said('Kit saved.');
    }

    /** Adds what a file lists to what is there: all of it or nothing. */
    public function import(Request $request, Client $client, SaveKit $save, KitCsv $csv): RedirectResponse
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:256']],
            ['file.*' => 'Choose a text file of up to 256 kB with comma-separated values.'],
        );
        $file = $request->file('file');
        [$pieces, $carriers] = $csv->read($file instanceof UploadedFile ? (string) $file->get() : '');
        $save->add($client, $this->me($request), $pieces, $carriers);

        return $this->said(sprintf('%d pieces and %d carriers added from the file.', count($pieces), count($carriers)));
    }

    public function export(Client $client, KitCsv $csv): PlainResponse
    {
        return response(
            $csv->write($client->load(['pieces', 'carriers'])),
            200,
            ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="kit.csv"'],
        );
    }
}
