<?php

declare(strict_types=1);

return [
    'name' => env('APP_NAME', 'Loftrin'),

    // Timestamps are kept in UTC; what day it is follows the workspace's own zone.
    'timezone' => 'UTC',

    // Whether what every screen shows is kept between requests until anything is changed.
    'remembers' => (bool) env('APP_REMEMBERS', true),
];
