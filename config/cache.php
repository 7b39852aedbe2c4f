<?php

declare(strict_types=1);

$path = env('CACHE_PATH', storage_path('framework/cache'));
$folder = is_string($path) ? $path : storage_path('framework/cache');

return [
    // Counts of tries and writes; nothing that is missed when it is gone.
    'default' => env('CACHE_STORE', 'file'),

    // Beside those of the framework.
    'stores' => [
        'file' => ['driver' => 'file', 'path' => "$folder/data", 'lock_path' => "$folder/data"],
        // What is worked out anew whenever anything changes: emptied each day, so that it does not grow.
        'remembered' => ['driver' => env('REMEMBERED_STORE', 'file'), 'path' => "$folder/remembered"],
    ],
];
