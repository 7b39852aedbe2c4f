<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** Another rule, time or length that a series has from a day to come. */
final readonly class RuleChange implements Props
{
    /**
     * @param string $rule in words
     * @param string $time HH:MM
     */
    public function __construct(public Day $from, public string $rule, public string $time, public int $minutes)
    {
    }
}
