<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\MendRecord;
use App\Actions\SaveScreen;
use App\Editing\OneForm;
use App\Editing\StaleRecord;
use App\Exceptions\QuietReport;
use App\Http\Clinic\Requests\ScreenRequest;
use App\Http\Clinic\Resources\ScreenConflict;
use App\Http\Clinic\Resources\ScreenResource;
use App\Models\Client;
use BuoyantStep\Core\Errors\CoreError;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use ValueError;

final class ScreenController extends StageController
{
    public function create(): Response
    {
        return Inertia::render('clinic/Screen', ['client' => null, 'faults' => [], ...ScreenResource::of(null)]);
    }

    public function store(ScreenRequest $request, SaveScreen $save, OneForm $once): RedirectResponse
    {
        $me = $this->me($request);
        $values = self::values($request);
        $id = $once->run(
            $me, 'client', $request->string('key')->value(), $values,
            static fn (): int => $save->run(null, $me, $values)->id,
        );

        return redirect("/clients/$id/measure")->with('said', 'Screen saved. Next: measure.');
    }

    public function show(Client $client): Response
    {
        return $this->stage(
            'clinic/Screen', $client, static fn (): array => ['faults' => [], ...ScreenResource::of($client)],
        );
    }

    /** Whatever else is wrong with a record, its intake opens: that is where most of it is put right. */
    protected function unreadable(Client $client, CoreError|ValueError $fault): Response
    {
        QuietReport::ofRecord($client->id, $fault);

        return Inertia::render(
            'clinic/Screen',
            [
                'client' => $this->frame->unreadable($client), 'faults' => $this->faults->of($client, $fault),
                ...ScreenResource::of($client),
            ],
        );
    }

    /** Takes out one stored thing that cannot be read. */
    public function mend(Request $request, Client $client, MendRecord $mend): RedirectResponse
    {
        $request->validate(['part' => ['required', 'string', 'max:40'], 'id' => ['required', 'integer', 'min:0']]);
        $mend->run($client, $this->me($request), $request->string('part')->value(), $request->integer('id'));

        return $this->said('Taken out; what it said is kept in the record.');
    }

    public function update(ScreenRequest $request, Client $client, SaveScreen $save): RedirectResponse
    {
        try {
            $save->run($client, $this->me($request), self::values($request), $request->integer('version'));
        } catch (StaleRecord $stale) {
            return ScreenConflict::answer($stale, $client, $request);
        }

        return $this->said('Screen saved.');
    }

    /** @return array<string, mixed> */
    private static function values(ScreenRequest $request): array
    {
        $values = [];
        foreach (array_diff_key((array) $request->validated(), ['version' => 1, 'key' => 1]) as $key => $value) {
            $values[(string) $key] = $value;
        }

        return $values;
    }
}
