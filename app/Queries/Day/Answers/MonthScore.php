<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;

/** A question that is answered by a number, over a month. */
final readonly class MonthScore implements Props
{
    /**
     * @param array<string, int> $days from 1 to 5, by date
     * @param float $mean of the days on which it was answered
     */
    public function __construct(public string $question, public array $days, public float $mean)
    {
    }
}
