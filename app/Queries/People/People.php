<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Queries\Props;

final readonly class People implements Props
{
    /** @param list<PersonRow> $people */
    public function __construct(public array $people, public string $thisWeek, public bool $mayAdd)
    {
    }
}
