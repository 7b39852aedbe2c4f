<?php

declare(strict_types=1);

namespace App\Queries\Calendar\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class RailWeek implements Props
{
    /**
     * @param ?float $share how much of the week's work served goals, 0 to 1; null with nothing done
     * @param bool $isReviewed whether the viewer looked back on it
     * @param bool $isPast whether it is over
     * @param bool $isMissed whether it is over, was theirs to look back on, and they did not
     */
    public function __construct(
        public string $name,
        public int $number,
        public Day $first,
        public Day $last,
        public ?float $share,
        public bool $isReviewed,
        public bool $isPast,
        public bool $isMissed,
    ) {
    }
}
