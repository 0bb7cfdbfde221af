<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\WriteLetter;
use App\Exchange\Pdf;
use App\Http\Clinic\Resources\LetterResource;
use App\Models\Client;
use App\Models\Letter;
use App\Models\LetterKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

final class LetterController extends StageController
{
    private const SAYS = [
        'kind.*' => 'Choose what to write.', 'recipient.*' => 'A name and a role, at most 200 characters.',
        'body.*' => 'The text has from 1 to 20,000 characters.',
    ];

    public function index(Client $client): Response
    {
        return $this->kept('clinic/Letters', $client, static fn (): array => LetterResource::list($client));
    }

    public function show(Client $client, int $letter): Response
    {
        $found = $this->found($client, $letter);

        return $this->kept('clinic/Letter', $client, static fn (): array => LetterResource::one($client, $found));
    }

    public function begin(Request $request, Client $client, WriteLetter $write): RedirectResponse
    {
        $request->validate([
            'kind' => ['required', Rule::enum(LetterKind::class)], 'recipient' => ['nullable', 'string', 'max:200'],
        ], self::SAYS);
        ['letter' => $letter, 'empty' => $empty] = $write->begin(
            $client, $this->me($request), LetterKind::from($request->string('kind')->value()),
            $this->recipient($request),
        );

        return redirect("/clients/$client->id/letters/$letter->id")->with('said', $empty === []
            ? 'Drafted from the record.'
            : 'Drafted from the record, which holds nothing of: '.implode('; ', $empty).'.');
    }

    public function save(Request $request, Client $client, int $letter, WriteLetter $write): RedirectResponse
    {
        $request->validate([
            'body' => ['required', 'string', 'max:20000'], 'recipient' => ['nullable', 'string', 'max:200'],
            'seen' => ['required', 'integer'],
        ], self::SAYS);
        $write->save(
            $client, $letter, $request->string('body')->value(), $this->recipient($request), $request->integer('seen'),
        );

        return $this->said('Saved.');
    }

    public function keep(Request $request, Client $client, int $letter, WriteLetter $write): RedirectResponse
    {
        $write->keep($client, $this->me($request), $letter, $request->integer('seen'));

        return $this->said('Kept as sent.');
    }

    public function discard(Request $request, Client $client, int $letter, WriteLetter $write): RedirectResponse
    {
        $write->discard($client, $letter, $request->integer('seen'));

        return redirect("/clients/$client->id/letters")->with('said', 'Draft thrown away.');
    }

    public function pdf(Client $client, int $letter): Answer
    {
        $found = $this->found($client, $letter);
        $html = view('letter', ['body' => $found->body, 'draft' => $found->kept_at === null])->render();

        return Pdf::answer($html, $found->kind->value);
    }

    public function templates(Request $request): Response
    {
        return Inertia::render('clinic/LetterTemplates', LetterResource::templates($this->me($request)));
    }

    public function template(Request $request, WriteLetter $write): RedirectResponse
    {
        $request->validate([
            'kind' => ['required', Rule::enum(LetterKind::class)], 'body' => ['nullable', 'string', 'max:20000'],
        ], self::SAYS);
        $me = $this->me($request);
        $write->template(
            $me->clinic, $me, LetterKind::from($request->string('kind')->value()),
            $request->filled('body') ? $request->string('body')->value() : null,
        );

        return $this->said(
            $request->filled('body') ? 'The clinic\'s words are kept.' : 'Back to the words it came with.',
        );
    }

    private function recipient(Request $request): ?string
    {
        return $request->filled('recipient') ? $request->string('recipient')->value() : null;
    }

    private function found(Client $client, int $letter): Letter
    {
        return Letter::query()->where('client_id', $client->id)->with('user')->findOrFail($letter);
    }
}
