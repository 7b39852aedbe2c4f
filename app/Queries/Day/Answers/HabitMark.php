<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\HabitState;

/** A period of a habit, from its first day: how often it was done in it, and what that came to. */
final readonly class HabitMark implements Props
{
    public function __construct(public Day $first, public int $count, public HabitState $state)
    {
    }
}
