<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/** What an item of the standing agenda was planned for and took, over the last meetings. */
final readonly class RecordItem implements Props
{
    /**
     * @param int $planned minutes, now
     * @param float $took minutes, on average
     * @param int $times in how many meetings it was reached
     * @param ?int $advice a better length in minutes
     */
    public function __construct(public string $title, public int $planned, public float $took, public int $times, public ?int $advice)
    {
    }
}
