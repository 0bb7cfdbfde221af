<?php

declare(strict_types=1);

use App\Models\User;

return [
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
    'passwords' => [
        // Minutes that a link works: a reset that somebody asked for, and the first link that a new person gets.
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
        'invites' => ['provider' => 'users', 'table' => 'password_invites', 'expire' => 3 * 24 * 60, 'throttle' => 0],
    ],
];
