<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

/** A line of the daily checklist, blank each morning. */
final readonly class DailyLine implements Props
{
    public function __construct(public int $id, public string $title, public bool $isDone)
    {
    }
}
