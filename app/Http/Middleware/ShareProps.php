<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Client;
use App\Models\User;
use BuoyantStep\Core\Units\MassUnit;
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
            'unit' => self::unit($request)->value,
            'said' => $request->session()->get('said'),
            'link' => $request->session()->get('link'),
            'conflict' => $request->session()->get('conflict'),
        ];
    }

    /** What is wrong with a field, with its masses in the unit that the field is typed in. */
    public function resolveValidationErrors(Request $request): object
    {
        $errors = (array) parent::resolveValidationErrors($request);
        $unit = self::unit($request);

        return (object) array_map(
            static fn (mixed $says): mixed => is_string($says) ? $unit->inWords($says) : $says, $errors,
        );
    }

    private static function unit(Request $request): MassUnit
    {
        $user = $request->user();
        $client = $request->route('client');

        return match (true) {
            ! $user instanceof User => MassUnit::Kilogram,
            $client instanceof Client => $client->mass_unit ?? $user->clinic->mass_unit,
            default => $user->clinic->mass_unit,
        };
    }
}
