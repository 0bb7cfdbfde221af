<?php

declare(strict_types=1);

namespace App\Http\Entry;

use App\Actions\SetPassword;
use App\Http\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What a person sets for themselves: the password, and whether single letters are commands. */
final class AccountController extends Controller
{
    public function show(Request $request): Response
    {
        $me = $this->me($request);

        return Inertia::render(
            'entry/Account',
            ['email' => $me->email, 'letter_keys' => $me->letter_keys, 'least_length' => SetPassword::LEAST_LENGTH],
        );
    }

    public function password(Request $request, SetPassword $set): RedirectResponse
    {
        $request->validate(
            ['current_password' => ['required', 'string', 'max:500'], 'password' => SetPassword::rules()],
            SetPassword::messages() + ['current_password.*' => 'Enter the password you have now.'],
        );
        $set->own(
            $this->me($request), $request->string('current_password')->value(), $request->string('password')->value(),
        );
        $request->session()->regenerate();

        return $this->said('Password changed. Other sessions of yours have ended.');
    }

    public function keys(Request $request): RedirectResponse
    {
        $request->validate(['letter_keys' => ['required', 'boolean']]);
        $this->me($request)->update(['letter_keys' => $request->boolean('letter_keys')]);

        return $this->said(
            $request->boolean('letter_keys') ? 'Single letters are commands again.' : 'Single letters do nothing now.',
        );
    }
}
