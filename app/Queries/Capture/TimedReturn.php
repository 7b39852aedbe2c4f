<?php

declare(strict_types=1);

namespace App\Queries\Capture;

/** What comes back today at HH:MM on the wall clock of the workspace. */
final readonly class TimedReturn
{
    public function __construct(public int $id, public string $words, public string $at)
    {
    }
}
