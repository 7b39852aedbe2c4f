<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\LogTag;

/** A month of days at a glance: habits, scores, answers, and the lines of the log. */
final readonly class LogView implements Props
{
    /**
     * @param ?LogTag $tag that was looked for, in all months
     * @param string $words that were looked for, in all months
     * @param list<LogRow> $lines the last first
     * @param bool $hasMore whether there are more than are shown
     * @param list<MonthHabit> $habits
     * @param list<MonthScore> $scores
     * @param list<AnsweredDay> $answers the last first
     * @param int $focusMinutes of focus sessions, breaks left out
     */
    public function __construct(
        public PeriodTag $month,
        public Day $today,
        public ?LogTag $tag,
        public string $words,
        public array $lines,
        public bool $hasMore,
        public array $habits,
        public array $scores,
        public array $answers,
        public int $focusMinutes,
    ) {
    }
}
