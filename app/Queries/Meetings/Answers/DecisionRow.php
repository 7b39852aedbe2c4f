<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

final readonly class DecisionRow implements Props
{
    public function __construct(public int $id, public string $words, public ?string $because)
    {
    }
}
