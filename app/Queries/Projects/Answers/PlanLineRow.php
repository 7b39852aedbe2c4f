<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

final readonly class PlanLineRow implements Props
{
    /** @param ?int $task that it became */
    public function __construct(public int $id, public string $title, public ?int $task)
    {
    }
}
