<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\Gauge;
use App\Queries\Props;

/** What a change to the plan would do to one figure. */
final readonly class ChangedFigure implements Props
{
    public function __construct(public string $title, public Gauge $before, public Gauge $after)
    {
    }
}
