<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class CheckpointValues implements Props
{
    public function __construct(public Day $on, public string $percent)
    {
    }
}
