<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'single'),

    'channels' => [
        // An answer that cannot be logged is given all the same: the disk of the log may be the one that is full.
        'single' => ['driver' => 'stack', 'channels' => ['file'], 'ignore_exceptions' => true],
        'file' => [
            'driver' => 'single',
            'path' => storage_path('logs/laravel.log'),
            'level' => env('LOG_LEVEL', 'debug'),
            'replace_placeholders' => true,
        ],
    ],
];
