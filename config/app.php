<?php

declare(strict_types=1);

$own = parse_url((string) env('APP_URL', ''), PHP_URL_HOST);

return [
    // Who may be asked for by name: the address of the installation, and what APP_HOSTS lists, comma-separated.
    'hosts' => array_values(array_unique(array_filter([
        'localhost', '127.0.0.1', '[::1]', is_string($own) ? $own : '',
        ...array_map(trim(...), explode(',', (string) env('APP_HOSTS', ''))),
    ]))),
    // While testing: what is kept is worked out again at every look and compared.
    'doubt_kept' => env('BUOYANT_DOUBT_KEPT', false),
];
