<?php

declare(strict_types=1);

namespace App\Queries;

/**
 * A plain result that a screen is drawn from. `php artisan types:write` writes its TypeScript type
 * from its constructor.
 */
interface Props
{
}
