<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveScreen;
use App\Http\Requests\ScreenRequest;
use App\Http\Resources\ScreenResource;
use App\Models\Client;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;

final class ScreenController extends StageController
{
    public function create(): Response
    {
        return Inertia::render('Screen', ['client' => null, ...ScreenResource::of(null)]);
    }

    public function store(ScreenRequest $request, SaveScreen $save): RedirectResponse
    {
        $client = $save->run(null, $this->me($request), self::values($request));

        return redirect("/clients/{$client->id}/measure")->with('said', 'Screen saved. Next: measure.');
    }

    public function show(Client $client): Response
    {
        return $this->stage('Screen', $client, static fn (): array => ScreenResource::of($client));
    }

    public function update(ScreenRequest $request, Client $client, SaveScreen $save): RedirectResponse
    {
        $save->run($client, $this->me($request), self::values($request));

        return $this->said('Screen saved.');
    }

    /** @return array<string, mixed> */
    private static function values(ScreenRequest $request): array
    {
        $values = [];
        foreach ((array) $request->validated() as $key => $value) {
            $values[(string) $key] = $value;
        }

        return $values;
    }
}
