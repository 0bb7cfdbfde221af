<?php

declare(strict_types=1);

// Logs name what went wrong and where, never whom it was about; still, only the server's own account reads them.
return [
    'channels' => [
        'single' => [
            'driver' => 'single', 'path' => storage_path('logs/laravel.log'), 'level' => env('LOG_LEVEL', 'debug'),
            'permission' => 0600,
        ],
        // Where the stand-in for a mail server writes: links to set a password are in it.
        'mail' => [
            'driver' => 'single', 'path' => storage_path('logs/mail.log'), 'level' => 'debug', 'permission' => 0600,
        ],
    ],
];
