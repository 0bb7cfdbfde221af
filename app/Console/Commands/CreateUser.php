<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Clinic;
use App\Models\User;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use LogicException;

final class CreateUser extends Command
{
    use FindsClinic;

    protected $signature = 'clinic:user {clinic : Number or name of the clinic} {name} {email} {--role=clinician : '
        .'clinician or lead; for a person who is known, sets the role and makes a new link}';

    protected $description = 'Add a person to a clinic and print a one-time link to set a password';

    public function handle(): int
    {
        $clinic = $this->clinic();
        if ($clinic === null) {
            return self::FAILURE;
        }
        $given = [
            'name' => trim((string) $this->argument('name')),
            'email' => User::address((string) $this->argument('email')), 'role' => (string) $this->option('role'),
        ];
        $check = Validator::make(
            $given,
            [
                'name' => ['required', 'max:120'], 'email' => ['required', 'email', 'max:190'],
                'role' => ['in:clinician,lead'],
            ],
            ['role.in' => 'The role is clinician or lead.'],
        );
        if ($check->fails()) {
            $this->error($check->errors()->first());

            return self::FAILURE;
        }
        $user = User::query()->where('email', $given['email'])->first();
        if ($user !== null && $user->clinic_id !== $clinic->id) {
            $this->error('This address belongs to a person of another clinic.');

            return self::FAILURE;
        }
        // Until the link is used nobody knows a password that works.
        $user === null
            ? $user = User::query()->create([...$given, 'clinic_id' => $clinic->id, 'password' => Str::random(60)])
            : $user->update(['name' => $given['name'], 'role' => $given['role']]);
        $this->invite($user, $clinic);

        return self::SUCCESS;
    }

    private function invite(User $user, Clinic $clinic): void
    {
        $broker = Password::broker('invites');
        if (! $broker instanceof PasswordBroker) {
            throw new LogicException('The broker for invites makes no tokens.');
        }
        $token = $broker->createToken($user);
        $this->line(
            sprintf(
                '%s, %s of %s. This link sets their password; it works once, for three days:',
                $user->name,
                $user->role,
                $clinic->name,
            ),
        );
        $this->line(url('/welcome/'.$token).'?email='.rawurlencode($user->email));
    }
}
