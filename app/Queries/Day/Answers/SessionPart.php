<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;

/** A round of a focus session or a break, in seconds from its beginning. */
final readonly class SessionPart implements Props
{
    public function __construct(public int $from, public int $until, public int $round, public bool $isBreak)
    {
    }
}
