<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

/** A checklist to use again and again, kept out of all counts. */
final readonly class CheckListRow implements Props
{
    /** @param list<CheckListLine> $lines */
    public function __construct(public int $id, public string $title, public array $lines)
    {
    }
}
