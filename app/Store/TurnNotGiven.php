<?php

declare(strict_types=1);

namespace App\Store;

use RuntimeException;
use Throwable;

/** Others kept writing for longer than a change waits for its turn. Nothing was written; it can be tried again. */
final class TurnNotGiven extends RuntimeException
{
    public function __construct(Throwable $reason)
    {
        parent::__construct('Many people are saving at this moment. Nothing was saved: please try again.', 0, $reason);
    }
}
