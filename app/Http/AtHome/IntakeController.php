<?php

declare(strict_types=1);

namespace App\Http\AtHome;

use App\Actions\AskAtHome;
use App\Http\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** The client's own end of the questions at home: opened by a link, without an account. */
final class IntakeController extends Controller
{
    public function __construct(private readonly AskAtHome $ask)
    {
    }

    public function show(string $token): Response
    {
        $intake = $this->ask->find($token);
        abort_if($intake === null, 404);

        return Inertia::render(
            'at-home/IntakeAtHome',
            [
                'given_name' => $intake->client->given_name, 'done' => $intake->submitted_at !== null,
                'questions' => self::questions(), 'path' => "/intake/$token",
            ],
        );
    }

    public function submit(Request $request, string $token): RedirectResponse
    {
        $intake = $this->ask->find($token);
        abort_if($intake === null, 404);
        $rules = ['answers' => ['required', 'array']];
        foreach (AskAtHome::QUESTIONS as $field => $question) {
            $rules["answers.$field"] = $question['options'] === null
                ? ['nullable', 'string', 'max:200']
                : ['nullable', Rule::in(array_map(strval(...), array_keys($question['options'])))];
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
            $options = $question['options'] === null
                ? null
                : array_map(
                    static fn (int|string $code, string $text): array => ['code' => (string) $code, 'text' => $text],
                    array_keys($question['options']),
                    $question['options'],
                );
            $questions[] = ['field' => $field, 'ask' => $question['ask'], 'options' => $options];
        }

        return $questions;
    }
}
