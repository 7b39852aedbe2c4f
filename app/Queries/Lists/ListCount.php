<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Queries\Props;

final readonly class ListCount implements Props
{
    public function __construct(public TaskList $list, public int $count)
    {
    }
}
