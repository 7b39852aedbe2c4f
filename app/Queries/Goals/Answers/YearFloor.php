<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Horizon;

/** A storey of the sheet: the periods of one horizon, side by side. */
final readonly class YearFloor implements Props
{
    /** @param list<YearColumn> $columns one where the floor is longer than what is drawn */
    public function __construct(public Horizon $horizon, public array $columns)
    {
    }
}
