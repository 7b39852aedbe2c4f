<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;

final readonly class People implements Props
{
    /**
     * @param list<PersonRow> $people
     * @param list<CircleRow> $circles
     */
    public function __construct(public array $people, public array $circles, public string $thisWeek, public bool $mayAdd)
    {
    }
}
