<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** Minutes in which something was found. */
final readonly class FoundMinutes implements Props
{
    /** @param string $words the lines that hold it, or the summary */
    public function __construct(public int $id, public string $title, public Day $on, public string $words)
    {
    }
}
