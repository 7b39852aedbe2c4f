<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

final readonly class Patterns implements Props
{
    /** @param list<PatternRow> $patterns by title */
    public function __construct(public array $patterns)
    {
    }
}
