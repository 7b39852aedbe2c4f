<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Reviews\FindingLevel;
use Loftrin\Core\Reviews\FindingSource;

/** A line that a review begins with, and where it was written. */
final readonly class DigestRow implements Props
{
    /**
     * @param int $id of that
     * @param string $period in which it was written: the name of a week, month or quarter, or a day
     * @param string $link one press back to where it was written
     * @param ?FindingLevel $level to which review it goes up; null of what nobody marked
     */
    public function __construct(
        public FindingSource $source,
        public int $id,
        public string $words,
        public string $period,
        public Day $on,
        public string $link,
        public ?FindingLevel $level,
    ) {
    }
}
