<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class JotRow implements Props
{
    public function __construct(public int $id, public string $words, public Day $jottedOn)
    {
    }
}
