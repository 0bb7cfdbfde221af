<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LogSession;
use App\Http\Requests\LogRequest;
use App\Http\Resources\LogResource;
use App\Models\Client;
use App\Models\Plan;
use App\Models\SessionLog;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

final class LogController extends StageController
{
    public function show(Client $client, LogResource $resource): Response
    {
        return $this->stage('Log', $client, static function () use ($client, $resource): array {
            $plan = $client->plans->firstWhere('status', Plan::ISSUED)?->load('items');
            $logs = $client->logs()->with('items')->limit(12)->get();

            return $resource->of($plan, $logs);
        });
    }

    public function store(LogRequest $request, Client $client, LogSession $log): RedirectResponse
    {
        $plan = $client->plans()->with('items')->where('status', Plan::ISSUED)->find($request->integer('plan_id'));
        if ($plan === null) {
            return back()->withErrors(['plan_id' => 'The plan was changed meanwhile. The page now shows the one in use; log the session on it.']);
        }
        $log->run($client, $this->me($request), $plan, $request->string('key')->value(), $request->sessionFields(), $request->items($plan));

        return redirect("/clients/{$client->id}/review")->with('said', 'Session saved. Next: decide.');
    }

    public function nextMorning(Request $request, Client $client, int $log, LogSession $action): RedirectResponse
    {
        $request->validate(['pain_next_morning' => ['required', 'integer', 'between:0,10']], ['pain_next_morning.*' => 'Pain goes from 0 to 10.']);
        $action->nextMorning($client, SessionLog::query()->where('client_id', $client->id)->findOrFail($log), $request->integer('pain_next_morning'));

        return $this->said('Next morning saved; the review is worked out again.');
    }
}
