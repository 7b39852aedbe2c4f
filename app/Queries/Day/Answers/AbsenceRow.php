<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** Days on which one is away. */
final readonly class AbsenceRow implements Props
{
    public function __construct(public int $id, public Day $first, public Day $last)
    {
    }
}
