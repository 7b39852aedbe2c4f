<?php

declare(strict_types=1);

return [
    'default' => 'local',

    'disks' => [
        // What people add: read by the application alone, and served by nothing but the route that asks who may see it.
        'local' => [
            'driver' => 'local',
            'root' => storage_path('app/private'),
            'visibility' => 'private',
            'directory_visibility' => 'private',
            'serve' => false,
            'throw' => true,
        ],
    ],
];
