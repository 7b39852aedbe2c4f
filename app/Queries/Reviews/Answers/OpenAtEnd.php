<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** How many tasks of a person were open at the end of a month. */
final readonly class OpenAtEnd implements Props
{
    /** @param string $month YYYY-MM */
    public function __construct(public string $month, public int $open)
    {
    }
}
