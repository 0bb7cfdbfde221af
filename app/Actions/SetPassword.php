<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Illuminate\Auth\Events\PasswordReset;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password as PasswordRule;

/** Changes a password, by the person or through a link. Every other session of that person ends with it. */
final class SetPassword
{
    public const LEAST_LENGTH = 12;

    /** @return list<mixed> */
    public static function rules(): array
    {
        return ['required', 'string', PasswordRule::min(self::LEAST_LENGTH), static function (
            string $attribute, mixed $value, callable $fail,
        ): void {
            if (is_string($value) && strlen($value) > SignIn::MOST_BYTES) {
                $fail(
                    sprintf(
                        'A password may be %d letters long at most (fewer with letters outside a-z).',
                        SignIn::MOST_BYTES,
                    ),
                );
            }
        }, 'confirmed'];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'password.required' => 'Enter a new password.',
            'password.confirmed' => 'The two do not match; type it again.',
            'password.min' => sprintf('Use %d letters or more, for example four words.', self::LEAST_LENGTH),
        ];
    }

    public function own(User $user, string $current, string $new): void
    {
        if (! Hash::check($current, $user->password)) {
            throw Refusal::at('current_password', 'This is not your password now.');
        }
        $this->store($user, $new);
    }

    /**
     * @param  'users'|'invites'  $broker  which kind of link it was
     * @param  array{email: string, token: string, password: string}  $given
     */
    public function byLink(string $broker, array $given): void
    {
        $answer = Password::broker($broker)->reset(
            [...$given, 'email' => User::address($given['email']), 'password_confirmation' => $given['password']],
            fn (User $user, string $password) => $this->store($user, $password),
        );
        if ($answer !== Password::PASSWORD_RESET) {
            throw Refusal::at(
                'password', 'This link does not work any more: it was used, or is too old. Ask for a new one.',
            );
        }
    }

    private function store(User $user, string $password): void
    {
        // The sessions of other browsers hold the old hash and end at their next request; so does a remembered sign-in.
        $user->forceFill(['password' => Hash::make($password), 'remember_token' => Str::random(60)])->save();
        event(new PasswordReset($user));
    }
}
