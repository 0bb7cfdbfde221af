<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\LogSession;
use App\Actions\OddSession;
use App\Http\Clinic\Requests\LogRequest;
use App\Http\Clinic\Resources\LogResource;
use App\Models\Client;
use App\Models\LogSource;
use App\Models\Plan;
use App\Models\SessionLog;
use App\Queries\LoadsNear;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

final class LogController extends StageController
{
    public function show(Request $request, Client $client, LogResource $resource, LoadsNear $near): Response
    {
        $correct = (int) $this->word($request, 'correct');

        return $this->stage('clinic/Log', $client, static function (
            Situation $situation,
        ) use ($client, $resource, $correct, $near): array {
            $logs = $client->logs()->with(['items', 'earlier'])->limit(12)->get();
            $correcting = $correct === 0
                ? null
                : $logs->firstWhere('id', $correct)
                ?? SessionLog::query()->where('client_id', $client->id)->with('items')->find($correct);
            $plan = $correcting === null
                ? $client->plans->firstWhere('status', Plan::ISSUED)
                : Plan::query()->find($correcting->plan_id);

            $plan?->load('items');

            return [
                ...$resource->of($plan, $logs, $correcting, $client->clinic->timezone, $situation),
                'recipes' => (object) $near->of($plan, $client, $situation),
            ];
        });
    }

    public function store(LogRequest $request, Client $client, LogSession $log): RedirectResponse
    {
        // A session that is known by its key belongs to the plan it was done on, in use or not.
        $known = SessionLog::query()->where('client_id', $client->id)->where(
            'idempotency_key', $request->string('key')->value(),
        )->value('plan_id');
        $plan = $client->plans()->with('items')->when(
            $known === null, static fn ($q) => $q->where('status', Plan::ISSUED),
        )->find($request->integer('plan_id'));
        if ($plan === null) {
            return back()->withErrors(
                [
                    'plan_id' => 'The plan was changed meanwhile. The page now shows the one in use; log the session '
                        .'on it.',
                ],
            );
        }
        if ($known === null && ! $request->boolean('confirmed')) {
            OddSession::assertNone($client, $plan, Day::of($request->string('done_on')->value()));
        }
        $log->run(
            $client, $this->me($request), $plan, $request->string('key')->value(), $request->sessionFields(),
            $request->items($plan), LogSource::Clinician,
            $request->filled('corrects') ? $request->integer('corrects') : null,
        );

        return redirect("/clients/{$client->id}/review")->with('said', 'Session saved. Next: decide.');
    }

    public function seen(Request $request, Client $client, int $log, LogSession $action): RedirectResponse
    {
        $action->seenBy($client, $this->me($request), $log);

        return $this->said('Looked at.');
    }

    public function nextMorning(Request $request, Client $client, int $log, LogSession $action): RedirectResponse
    {
        $request->validate(
            ['pain_next_morning' => ['required', 'integer', 'between:0,10']],
            ['pain_next_morning.*' => 'Pain goes from 0 to 10.'],
        );
        $action->nextMorning(
            $client,
            $this->me($request),
            SessionLog::query()->where('client_id', $client->id)->findOrFail($log),
            $request->integer('pain_next_morning'),
        );

        return $this->said('Next morning saved; the review is worked out again.');
    }
}
