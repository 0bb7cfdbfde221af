<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AskAtHome;
use App\Models\Client;
use App\Models\HomeIntake;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** Both ends of the questions at home: the clinician's link and review, and the page the client sees. */
final class HomeIntakeController extends Controller
{
    public function __construct(private readonly AskAtHome $ask)
    {
    }

    public function invite(Request $request, Client $client): RedirectResponse
    {
        return back()->with('said', 'Link made; it is shown once.')->with('link', url('/intake/'.$this->ask->invite($client, $this->me($request))));
    }

    public function decide(Request $request, Client $client, int $intake): RedirectResponse
    {
        $request->validate(['field' => ['required', 'string', 'max:60'], 'accept' => ['required', 'boolean']]);
        $found = HomeIntake::query()->where('client_id', $client->id)->findOrFail($intake);
        $this->ask->decide($found, $client, $this->me($request), $request->string('field')->value(), $request->boolean('accept'));

        return $this->said($request->boolean('accept') ? 'Taken over.' : 'Left as it was.');
    }

    public function show(string $token): Response
    {
        $intake = $this->ask->find($token);
        abort_if($intake === null, 404);

        return Inertia::render('IntakeAtHome', ['given_name' => $intake->client->given_name, 'done' => $intake->submitted_at !== null, 'questions' => self::questions(), 'path' => "/intake/$token"]);
    }

    public function submit(Request $request, string $token): RedirectResponse
    {
        $intake = $this->ask->find($token);
        abort_if($intake === null, 404);
        $rules = ['answers' => ['required', 'array']];
        foreach (AskAtHome::QUESTIONS as $field => $question) {
            $rules["answers.$field"] = $question['options'] === null ? ['nullable', 'string', 'max:200'] : ['nullable', Rule::in(array_map(strval(...), array_keys($question['options'])))];
        }
        $request->validate($rules, ['answers.*' => 'Choose one of the answers, or leave it open.']);
        $answers = [];
        foreach ((array) $request->input('answers') as $field => $answer) {
            if (is_string($answer) && trim($answer) !== '' && isset(AskAtHome::QUESTIONS[$field])) {
                $answers[(string) $field] = trim($answer);
            }
        }
        $this->ask->submit($intake, $answers);

        return redirect("/intake/$token");
    }

    /** @return list<array<string, mixed>> */
    private static function questions(): array
    {
        $questions = [];
        foreach (AskAtHome::QUESTIONS as $field => $question) {
            $options = $question['options'] === null ? null : array_map(static fn (int|string $code, string $text): array => ['code' => (string) $code, 'text' => $text], array_keys($question['options']), $question['options']);
            $questions[] = ['field' => $field, 'ask' => $question['ask'], 'options' => $options];
        }

        return $questions;
    }
}
