<?php

declare(strict_types=1);

namespace App\Http\Entry;

use App\Actions\SetPassword;
use App\Http\Controller;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Inertia\Inertia;
use Inertia\Response;

/**
 * Links to set a password: one that was forgotten, by mail, and the first one, made by whoever runs the installation.
 */
final class PasswordLinkController extends Controller
{
    public function ask(): Response
    {
        return Inertia::render('entry/ForgotPassword');
    }

    /** The same answer whether the address is known or not. */
    public function send(Request $request): RedirectResponse
    {
        $request->validate(
            ['email' => ['required', 'string', 'email', 'max:190']],
            ['email.*' => 'Enter your email address, for example name@clinic.example.'],
        );
        Password::broker('users')->sendResetLink(['email' => User::address($request->string('email')->value())]);

        return $this->said('If this address is known here, a link is on its way. It works for one hour.');
    }

    public function reset(Request $request, string $token): Response
    {
        return Inertia::render(
            'entry/SetPassword',
            [
                'token' => $token, 'email' => $this->address($request), 'path' => '/reset-password', 'first' => false,
                'least_length' => SetPassword::LEAST_LENGTH,
            ],
        );
    }

    public function welcome(Request $request, string $token): Response
    {
        return Inertia::render(
            'entry/SetPassword',
            [
                'token' => $token, 'email' => $this->address($request), 'path' => '/welcome', 'first' => true,
                'least_length' => SetPassword::LEAST_LENGTH,
            ],
        );
    }

    public function storeReset(Request $request, SetPassword $set): RedirectResponse
    {
        return $this->store($request, $set, 'users');
    }

    public function storeWelcome(Request $request, SetPassword $set): RedirectResponse
    {
        return $this->store($request, $set, 'invites');
    }

    /** @param  'users'|'invites'  $broker */
    private function store(Request $request, SetPassword $set, string $broker): RedirectResponse
    {
        $request->validate(
            [
                'email' => ['required', 'string', 'email', 'max:190'], 'token' => ['required', 'string', 'max:100'],
                'password' => SetPassword::rules(),
            ],
            SetPassword::messages(),
        );
        $set->byLink(
            $broker,
            [
                'email' => $request->string('email')->value(), 'token' => $request->string('token')->value(),
                'password' => $request->string('password')->value(),
            ],
        );

        return redirect('/sign-in')->with('said', 'Password set. Sign in with it.');
    }

    private function address(Request $request): string
    {
        $email = $request->query('email');

        return is_string($email) ? mb_substr(mb_scrub($email), 0, 190) : '';
    }
}
