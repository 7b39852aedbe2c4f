<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** How many next steps were agreed on in the meetings of a week, and how many of these are done. */
final readonly class StepsAgreed implements Props
{
    public function __construct(public int $agreed, public int $done)
    {
    }
}
