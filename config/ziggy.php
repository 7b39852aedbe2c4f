<?php

declare(strict_types=1);

use App\Console\RoutesOfTheFrontEnd;

return ['except' => ['storage.*', 'up'], 'output' => ['file' => RoutesOfTheFrontEnd::class]];
