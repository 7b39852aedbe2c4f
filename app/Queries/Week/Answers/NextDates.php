<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

/** The first dates of a rhythm that is being written. */
final readonly class NextDates implements Props
{
    /**
     * @param list<string> $dates YYYY-MM-DD; none of what comes back so long after it was done, or when needed
     * @param string $words what is said in place of dates
     * @param ?string $fault why it cannot be used
     */
    public function __construct(public array $dates, public string $words, public ?string $fault)
    {
    }
}
