<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Client;
use App\Models\User;

/** A clinician works with the clients of their own clinic, and with no others. */
final class ClientPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function view(User $user, Client $client): bool
    {
        return $user->clinic_id === $client->clinic_id;
    }

    public function update(User $user, Client $client): bool
    {
        return $user->clinic_id === $client->clinic_id;
    }
}
