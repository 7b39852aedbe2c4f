<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** How many projects somebody owns that are active at once. */
final readonly class ActiveCount implements Props
{
    public function __construct(public PersonTag $person, public int $projects, public bool $isOver)
    {
    }
}
