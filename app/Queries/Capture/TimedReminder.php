<?php

declare(strict_types=1);

namespace App\Queries\Capture;

/** A reminder of today, at HH:MM on the wall clock of the workspace. */
final readonly class TimedReminder
{
    public function __construct(public int $id, public string $words, public string $at)
    {
    }
}
