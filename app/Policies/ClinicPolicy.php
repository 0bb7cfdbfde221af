<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Everyone reads the clinic's rulebook; its lead sets figures. */
final class ClinicPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    /** Whoever prescribes may add an exercise of the clinic's own; asking less than its source is a lead's. */
    public function addExercises(User $user): bool
    {
        return true;
    }

    public function setFigures(User $user): bool
    {
        return $user->role === 'lead';
    }
}
