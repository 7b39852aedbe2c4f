<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;

final readonly class People implements Props
{
    /**
     * @param list<PersonRow> $people
     * @param list<GroupRow> $groups
     */
    public function __construct(public array $people, public array $groups, public string $thisWeek, public bool $mayAdd)
    {
    }
}
