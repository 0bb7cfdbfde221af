<?php

declare(strict_types=1);

// A session file holds errors and conflicts with what was typed: encrypted, and gone when the browser closes or after
// two hours.
return [
    'encrypt' => true,
    'lifetime' => (int) env('SESSION_LIFETIME', 120),
    'expire_on_close' => true,
    'same_site' => 'lax',
    'http_only' => true,
    'secure' => env('SESSION_SECURE_COOKIE'),
];
