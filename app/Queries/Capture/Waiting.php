<?php

declare(strict_types=1);

namespace App\Queries\Capture;

/** What waits for a person on one day: the same until anything is changed. */
final readonly class Waiting
{
    /**
     * @param array<string, int> $counts of jots, of updates, and of what is to be looked at again, by kind
     * @param list<TimedReturn> $returns today's that have a time, the earliest first
     */
    public function __construct(public array $counts, public array $returns)
    {
    }
}
