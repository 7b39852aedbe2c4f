<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/** The issue that no longer fits when the item that is on goes over. */
final readonly class DropPrice implements Props
{
    /**
     * @param int $seconds of overrun until then
     * @param int $waited the meetings it has waited through already
     */
    public function __construct(public string $title, public int $seconds, public int $waited)
    {
    }
}
