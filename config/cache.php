<?php

declare(strict_types=1);

return [
    // Beside those of the framework.
    'stores' => [
        // What is worked out anew whenever anything changes: emptied each day, so that it does not grow.
        'remembered' => [
            'driver' => 'file',
            'path' => storage_path('framework/cache/remembered'),
        ],
    ],
];
