<?php

declare(strict_types=1);

return [
    'name' => env('APP_NAME', 'Loftrin'),

    // Timestamps are kept in UTC; what day it is follows the workspace's own zone.
    'timezone' => 'UTC',

    'url' => env('APP_URL', 'http://127.0.0.1:8000'),

    // Besides the host of that address, separated by commas; and proxies whose word on host and https is believed.
    'trusted_hosts' => env('TRUSTED_HOSTS', ''),
    'trusted_proxies' => env('TRUSTED_PROXIES', ''),

    // So many seconds the application's clock is ahead of the machine's: for the demo and the tests, never in production.
    'clock_shift' => (int) env('APP_CLOCK_SHIFT', 0),

    // Names what was built: what is remembered by another build is not asked for. bin/setup writes it.
    'build' => is_file($build = storage_path('setup/build-name')) ? trim((string) file_get_contents($build)) : 'unbuilt',

    // Whether what every screen shows is kept between requests until anything is changed.
    'remembers' => (bool) env('APP_REMEMBERS', true),
];
