<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Parts\Answers\GroupRow;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

final readonly class People implements Props
{
    /**
     * @param list<PersonRow> $people
     * @param list<GroupRow> $groups
     * @param list<PeriodTag> $weeks this one and those after it, whose hours are shown
     */
    public function __construct(public array $people, public array $groups, public array $weeks, public bool $mayAdd)
    {
    }
}
