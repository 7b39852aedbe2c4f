<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Models\OccurrenceState;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class OccurrenceRow implements Props
{
    public function __construct(public Day $on, public OccurrenceState $state)
    {
    }
}
