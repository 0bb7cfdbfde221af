<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\HomeDoor;
use App\Http\Controller;
use App\Models\Client;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The client's page at home, from the clinic's side: opened, closed, unlocked, and a line written on it. */
final class HomePageController extends Controller
{
    public function __construct(private readonly HomeDoor $door)
    {
    }

    public function store(Request $request, Client $client): RedirectResponse
    {
        $this->door->make($client, $this->me($request));

        return $this->said('The page at home is open. Print the sheet with its square code, and hand it out.');
    }

    public function destroy(Request $request, Client $client): RedirectResponse
    {
        $this->door->revoke($client, $this->me($request));

        return $this->said('The page at home is closed; no phone opens it any more.');
    }

    public function unlock(Request $request, Client $client): RedirectResponse
    {
        $this->door->unlock($client, $this->me($request));

        return $this->said('The page at home is unlocked.');
    }

    public function line(Request $request, Client $client): RedirectResponse
    {
        $request->validate(
            ['line' => ['nullable', 'string', 'max:200']], ['line.*' => 'One line of 200 characters at most.'],
        );
        $this->door->say($client, $request->filled('line') ? $request->string('line')->trim()->value() : null);

        return $this->said('The line is on the page at home.');
    }
}
