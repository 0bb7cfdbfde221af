<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\LogMany;
use App\Actions\Refusal;
use App\Exchange\LogCsv;
use App\Http\Clinic\Requests\PaperRequest;
use App\Http\Clinic\Resources\PaperResource;
use App\Models\Client;
use App\Models\Plan;
use App\Models\SessionLog;
use BuoyantStep\Core\Units\Day;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Inertia\Response;

/**
 * Several sessions at once: from a paper sheet, from a file and into one.
 *
 * @phpstan-import-type Found from LogCsv
 */
final class LogTableController extends StageController
{
    public function show(Client $client, PaperResource $paper): Response
    {
        return $this->kept('clinic/Paper', $client, static fn (): array => $paper->of($client));
    }

    public function paper(PaperRequest $request, Client $client, LogMany $log): RedirectResponse
    {
        $plan = Plan::query()->where('client_id', $client->id)->whereNotNull('issued_on')->with('items')
            ->find($request->integer('plan_id'));
        if ($plan === null) {
            throw Refusal::at('plan_id', 'The plan was changed meanwhile; load the page again.');
        }
        $sessions = $request->sessions($plan);
        self::assertSense($client, $sessions, $request);
        $n = $log->run($client, $this->me($request), $sessions, $request->string('key')->value(), false);

        return redirect("/clients/$client->id/review")->with(
            'said', $n === 1 ? '1 session saved.' : "$n sessions saved.",
        );
    }

    /** What a file holds, before anything is kept. */
    public function preview(Request $request, Client $client, LogCsv $csv): JsonResponse
    {
        ['sessions' => $sessions, 'errors' => $errors] = $csv->read($this->text($request), $client);

        return response()->json([
            'sessions' => array_map(static fn (array $s): array => [
                'on' => Day::of($s['session']['done_on'])->label(), 'version' => $s['plan']->version,
                'exercises' => count($s['items']),
                'sets' => array_sum(array_map(static fn (array $i): int => count($i['sets']), $s['items'])),
            ], $sessions),
            'errors' => $errors,
            'odd' => LogMany::odd($client, $sessions),
        ]);
    }

    public function import(Request $request, Client $client, LogCsv $csv, LogMany $log): RedirectResponse
    {
        $request->validate(['key' => ['required', 'uuid'], 'confirmed' => ['nullable', 'boolean']]);
        ['sessions' => $sessions, 'errors' => $errors] = $csv->read($this->text($request), $client);
        if ($errors !== [] || $sessions === []) {
            $first = $errors[0] ?? ['line' => 1, 'says' => 'There is no session in it.'];
            throw Refusal::at('text', "Line {$first['line']}: {$first['says']} Nothing was kept.");
        }
        self::assertSense($client, $sessions, $request);
        $n = $log->run($client, $this->me($request), $sessions, $request->string('key')->value(), true);

        return redirect("/clients/$client->id/log")->with(
            'said', ($n === 1 ? '1 session' : "$n sessions").' from the file; look at each.',
        );
    }

    public function export(Client $client, LogCsv $csv): Answer
    {
        $logs = SessionLog::query()->where('client_id', $client->id)->with('items')->orderBy('done_on')->orderBy('id')
            ->get();

        return response($csv->write($logs), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="sessions.csv"',
        ]);
    }

    private function text(Request $request): string
    {
        $request->validate(
            ['text' => ['required', 'string', 'max:300000']],
            ['text.*' => 'Choose a text file of up to 300 kB with comma-separated values.'],
        );

        return $request->string('text')->value();
    }

    /** @param  list<Found>  $sessions */
    private static function assertSense(Client $client, array $sessions, Request $request): void
    {
        $odd = $request->boolean('confirmed') ? [] : LogMany::odd($client, $sessions);
        if ($odd !== []) {
            throw Refusal::at('confirmed', implode(' ', $odd).' Tick that it is right, and save again.');
        }
    }
}
