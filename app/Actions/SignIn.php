<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;

/**
 * Is this who they say they are? Slowed down for the account and for the address it comes from, and as long for an
 * address that is not known as for one that is.
 */
final class SignIn
{
    /** Wrong passwords for one account in a while, whoever tries. House convention. */
    private const PER_ACCOUNT = 8;

    /** Wrong tries from one address, whatever account they are for: a clinic shares an address. House convention. */
    private const PER_ADDRESS = 40;

    private const WHILE_SECONDS = 300;

    /** More bytes than this the hash does not look at: two long passwords would be one. */
    public const MOST_BYTES = 72;

    public function run(string $email, string $password, string $address): User
    {
        $email = User::address($email);
        $keys = [
            'sign-in:account:'.hash('sha256', $email) => self::PER_ACCOUNT,
            'sign-in:address:'.$address => self::PER_ADDRESS,
        ];
        foreach ($keys as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw Refusal::at(
                    'email', sprintf('Too many tries. Wait %d seconds and try again.', RateLimiter::availableIn($key)),
                );
            }
        }
        $user = User::query()->where('email', $email)->first();
        $matches = Hash::check($password, $user->password ?? self::nobody()) && strlen($password) <= self::MOST_BYTES;
        if ($user === null || ! $matches) {
            foreach (array_keys($keys) as $key) {
                RateLimiter::hit($key, self::WHILE_SECONDS);
            }
            throw Refusal::at('email', 'Email and password do not match.');
        }
        RateLimiter::clear((string) array_key_first($keys));

        return $user;
    }

    /** A hash that nothing matches, as costly as a real one. */
    private static function nobody(): string
    {
        return Cache::rememberForever(
            'sign-in.nobody.'.self::rounds(), static fn (): string => Hash::make(Str::random(40)),
        );
    }

    /** A hash made with other rounds would take another time. */
    private static function rounds(): string
    {
        $rounds = config('hashing.bcrypt.rounds');

        return is_scalar($rounds) ? (string) $rounds : '';
    }
}
