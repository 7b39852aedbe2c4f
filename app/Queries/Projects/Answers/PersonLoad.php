<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class PersonLoad implements Props
{
    /**
     * @param int $notScheduled minutes of tasks without a date
     * @param list<WeekLoad> $weeks those in which something would come
     */
    public function __construct(public PersonTag $person, public int $tasks, public int $notScheduled, public array $weeks)
    {
    }
}
