<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Props;

final readonly class Shelf implements Props
{
    /**
     * @param list<ShelfRow> $rows those with the next return date first, those without one last
     * @param list<Option> $later days that one looks again on: when the next periods begin
     */
    public function __construct(public array $rows, public array $later)
    {
    }
}
