<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class SignInController extends Controller
{
    private const TRIES = 8;

    public function show(): Response
    {
        return Inertia::render('SignIn');
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(
            ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']],
            ['email.required' => 'Enter your email address.', 'email.email' => 'This is not an email address; write it like name@clinic.example.', 'password.required' => 'Enter your password.'],
        );
        $key = 'sign-in:'.mb_strtolower($request->string('email')->value()).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(['email' => sprintf('Too many tries. Wait %d seconds and try again.', RateLimiter::availableIn($key))]);
        }
        if (! Auth::attempt(['email' => $request->string('email')->value(), 'password' => $request->string('password')->value()])) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['email' => 'Email and password do not match.']);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
