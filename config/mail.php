<?php

declare(strict_types=1);

// Without a mail server mails are written to storage/logs/mail.log; set MAIL_MAILER=smtp and the MAIL_ variables for
// a real one.
return [
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => ['log' => ['transport' => 'log', 'channel' => env('MAIL_LOG_CHANNEL', 'mail')]],
    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'no-reply@localhost.localdomain'),
        'name' => env('MAIL_FROM_NAME', 'Buoyant Step'),
    ],
];
