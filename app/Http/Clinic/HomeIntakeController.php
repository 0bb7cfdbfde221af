<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\AskAtHome;
use App\Http\Controller;
use App\Models\Client;
use App\Models\HomeIntake;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The clinician's end of the questions at home: the link, and what is taken over of the answers. */
final class HomeIntakeController extends Controller
{
    public function __construct(private readonly AskAtHome $ask)
    {
    }

    public function invite(Request $request, Client $client): RedirectResponse
    {
        return back()->with('said', 'Link made; it is shown once.')->with(
            'link', url('/intake/'.$this->ask->invite($client, $this->me($request))),
        );
    }

    public function decide(Request $request, Client $client, int $intake): RedirectResponse
    {
        $request->validate(['field' => ['required', 'string', 'max:60'], 'accept' => ['required', 'boolean']]);
        $found = HomeIntake::query()->where('client_id', $client->id)->findOrFail($intake);
        $this->ask->decide(
            $found, $client, $this->me($request), $request->string('field')->value(), $request->boolean('accept'),
        );

        return $this->said($request->boolean('accept') ? 'Taken over.' : 'Left as it was.');
    }
}
