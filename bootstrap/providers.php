<?php

declare(strict_types=1);

use App\Providers\AppServiceProvider;
use App\Providers\ClockServiceProvider;

return [
    AppServiceProvider::class,
    ClockServiceProvider::class,
];
