<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

final readonly class ContributionValues implements Props
{
    public function __construct(public int $goal, public string $weight)
    {
    }
}
