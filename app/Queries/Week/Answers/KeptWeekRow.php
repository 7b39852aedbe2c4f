<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

/** What a past week came to, as it was kept when it ended, in minutes. */
final readonly class KeptWeekRow implements Props
{
    /**
     * @param string $week its name
     * @param int $planned all that stood in it
     * @param int $done of what was planned
     * @param int $besides done and not planned
     */
    public function __construct(public string $week, public int $planned, public int $done, public int $besides)
    {
    }
}
