<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every page gets: who is signed in, the clinic's day, and a line that says what was just done. */
final class ShareProps extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();

        return [
            ...parent::share($request),
            'me' => $user instanceof User
                ? [
                    'name' => $user->name, 'role' => $user->role, 'clinic' => $user->clinic->name,
                    'today' => (string) $user->clinic->today(), 'id' => $user->id, 'letter_keys' => $user->letter_keys,
                    'keep' => $user->keepKey(),
                ]
                : null,
            'unit' => ShowMasses::unit($request)->value,
            'said' => $request->session()->get('said'),
            'link' => $request->session()->get('link'),
            'conflict' => $request->session()->get('conflict'),
        ];
    }
}
