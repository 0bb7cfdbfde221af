<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\KeepMessage;
use App\Http\Clinic\Resources\MessageResource;
use App\Models\Client;
use App\Models\MessageKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Response;

final class MessageController extends StageController
{
    public function show(Client $client): Response
    {
        return $this->kept('clinic/Messages', $client, static fn (): array => MessageResource::of($client));
    }

    public function store(Request $request, Client $client, KeepMessage $keep): RedirectResponse
    {
        $request->validate([
            'kind' => ['required', Rule::enum(MessageKind::class)->only(MessageKind::told())],
            'says' => ['required', 'string', 'min:3', 'max:1000'],
        ], [
            'kind.*' => 'Choose what the client tells of.',
            'says.*' => 'Write what the client said, for example: new tablets since Monday.',
        ]);
        $keep->tell(
            $client, $this->me($request), MessageKind::from($request->string('kind')->value()),
            $request->string('says')->value(),
        );

        return $this->said('Kept; it is on Today until it is answered.');
    }

    public function answer(Request $request, Client $client, int $message, KeepMessage $keep): RedirectResponse
    {
        $request->validate(
            ['answer' => ['required', 'string', 'min:2', 'max:1000']],
            ['answer.*' => 'Write a short answer, for example: yes, go on as before.'],
        );
        $keep->answer($client, $this->me($request), $message, $request->string('answer')->value());

        return $this->said('Answered.');
    }
}
