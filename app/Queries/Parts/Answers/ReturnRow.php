<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A day on which something comes back to its reader's tray. */
final readonly class ReturnRow implements Props
{
    /**
     * @param ?int $id of what was noted about it for that day; null where the thing itself is on the shelf until then
     * @param ?string $at HH:MM
     * @param ?string $rhythm by which it comes back again, in words
     */
    public function __construct(public ?int $id, public Day $on, public ?string $at, public ?string $rhythm)
    {
    }
}
