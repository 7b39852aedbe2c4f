<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Loftrin\Core\Calendar\Day;

/** The day by whose scope tasks are weighed, with the day, that one or an earlier one, by whose end they are looked at. */
final readonly class ScopeDay
{
    public Day $by;

    /** Names the two days. */
    public string $key;

    public function __construct(public Day $on, ?Day $by = null)
    {
        $this->by = $by ?? $on;
        $this->key = "{$this->on->number} {$this->by->number}";
    }

    /** Whether tasks are looked at as of the very day by whose scope they are weighed. */
    public function isOneDay(): bool
    {
        return $this->on->number === $this->by->number;
    }
}
