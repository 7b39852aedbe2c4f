<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Props;

final readonly class Shelf implements Props
{
    /**
     * @param list<ShelfRow> $rows those with the next return date first, those without one last
     */
    public function __construct(public array $rows)
    {
    }
}
