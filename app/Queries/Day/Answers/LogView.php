<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\LogTag;

/** Days of a person, the last first: what they wrote, their habits, how each was, how long they worked undisturbed. */
final readonly class LogView implements Props
{
    /**
     * @param Day $from the first day that is shown; of what was found, of the oldest line
     * @param ?LogTag $tag that was looked for, in all days
     * @param string $words that were looked for, in all days
     * @param array<string, int> $counts of all lines, by tag
     * @param list<LogDay> $days
     * @param list<LogHabit> $habits one column each; none where lines were looked for
     * @param ?string $question that is answered by a number each evening
     * @param ?float $mean of its answers from 1 to 5 in these days
     * @param ?float $meanBefore of those in as many days before
     * @param int $focusMinutes of focus sessions, breaks left out
     * @param bool $hasMore whether more lines were found than are shown
     * @param bool $hasEarlier whether there are days before these
     */
    public function __construct(
        public Day $from,
        public Day $until,
        public Day $today,
        public ?LogTag $tag,
        public string $words,
        public array $counts,
        public array $days,
        public array $habits,
        public ?string $question,
        public ?float $mean,
        public ?float $meanBefore,
        public int $focusMinutes,
        public bool $hasMore,
        public bool $hasEarlier,
    ) {
    }
}
