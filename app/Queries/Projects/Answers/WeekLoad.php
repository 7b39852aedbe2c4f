<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

/** What a person carries in a week, and what a project would add to it. */
final readonly class WeekLoad implements Props
{
    /**
     * @param int $planned minutes that are planned already
     * @param int $added minutes that would come
     * @param int $available minutes
     * @param bool $isOver together they are more than fits
     */
    public function __construct(public string $week, public int $planned, public int $added, public int $available, public bool $isOver)
    {
    }
}
