<?php

declare(strict_types=1);

namespace App\Http\Entry;

use App\Actions\SignIn;
use App\Http\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;

final class SignInController extends Controller
{
    public function show(): Response
    {
        return Inertia::render('entry/SignIn');
    }

    public function store(Request $request, SignIn $signIn): RedirectResponse
    {
        $request->validate(
            ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:500']],
            [
                'email.required' => 'Enter your email address.',
                'email.email' => 'This is not an email address; write it like name@clinic.example.',
                'password.required' => 'Enter your password.',
            ],
        );
        $user = $signIn->run(
            $request->string('email')->value(), $request->string('password')->value(), (string) $request->ip(),
        );
        Auth::guard('web')->login($user);
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
        // What the browser's history still holds cannot be read any more: "Back" shows no record.
        Inertia::clearHistory();

        return redirect('/sign-in');
    }
}
