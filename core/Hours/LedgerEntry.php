<?php

declare(strict_types=1);

namespace Loftrin\Core\Hours;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** What was done on a day, in minutes, and what it was for. */
final readonly class LedgerEntry
{
    /**
     * @param string $task its id
     * @param array<array-key, Fraction> $goals the share of it, 0 to 1, that led to each goal at the top of a thread
     * @param string $area id, "" without one
     * @param string $effort likewise the main effort that it is work on
     * @param string $person likewise who did it
     */
    public function __construct(
        public string $task,
        public Day $on,
        public Fraction $minutes,
        public array $goals,
        public string $area,
        public string $effort = '',
        public string $person = '',
    ) {
    }
}
