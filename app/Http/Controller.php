<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

abstract class Controller
{
    protected function me(Request $request): User
    {
        $user = $request->user();
        abort_unless($user instanceof User, 403);

        return $user;
    }

    /** A word of the address, "" for anything that is no text: an address is typed by hand and by robots. */
    protected function word(Request $request, string $key): string
    {
        $value = $request->query($key);

        return is_string($value) ? mb_substr(mb_scrub($value), 0, 60) : '';
    }

    /** Back to the page, with a line that says what was done. */
    protected function said(string $says): RedirectResponse
    {
        return back()->with('said', $says);
    }
}
