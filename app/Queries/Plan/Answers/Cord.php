<?php

declare(strict_types=1);

namespace App\Queries\Plan\Answers;

use App\Queries\Props;

/** The sign of a thread: the mark and tone of the goal at its top. */
final readonly class Cord implements Props
{
    /** @param int $tone 1 to 4 */
    public function __construct(public string $mark, public int $tone, public string $title)
    {
    }
}
