<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What a goal rested on, and what was seen of it. */
final readonly class AssumptionSeen implements Props
{
    public function __construct(public string $title, public Day $testOn, public ?string $seen)
    {
    }
}
