<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

final readonly class Reviews implements Props
{
    /** @param list<ReviewRow> $weeks of the year so far, newest first */
    public function __construct(public array $weeks)
    {
    }
}
