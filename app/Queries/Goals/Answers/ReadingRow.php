<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class ReadingRow implements Props
{
    /** @param string $value with its unit */
    public function __construct(public int $id, public Day $on, public string $value, public string $plain, public string $by)
    {
    }
}
