<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** Who was sent the minutes, and when. */
final readonly class SentRow implements Props
{
    public function __construct(public string $name, public Day $on)
    {
    }
}
