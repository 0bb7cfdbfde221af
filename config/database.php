<?php

declare(strict_types=1);

return [
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'buoyant'),
            'username' => env('DB_USERNAME', 'buoyant'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'prefix_indexes' => true,
            'strict' => true,
            'engine' => 'InnoDB',
            'timezone' => '+00:00',
            // One round trip a query instead of two; values are still quoted by the driver and numbers come back as
            // numbers.
            'options' => [PDO::ATTR_EMULATE_PREPARES => true],
        ],
    ],
];
