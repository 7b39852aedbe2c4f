<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class Areas implements Props
{
    /**
     * @param list<AreaRow> $areas by name
     * @param list<PersonTag> $people
     */
    public function __construct(public array $areas, public array $people, public bool $mayChange)
    {
    }
}
