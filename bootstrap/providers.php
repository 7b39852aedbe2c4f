<?php

declare(strict_types=1);

use App\Providers\AppServiceProvider;
use App\Providers\ClockServiceProvider;
use App\Providers\RouteParametersProvider;

return [AppServiceProvider::class, ClockServiceProvider::class, RouteParametersProvider::class];
