<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Day\HabitDay;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A day of the log. */
final readonly class LogDay implements Props
{
    /**
     * @param list<LogRow> $lines in the order of time
     * @param list<LogAnswer> $answers of its evening
     * @param list<HabitDay> $habits in the order of the columns
     * @param ?int $score how it was, from 1 to 5
     */
    public function __construct(
        public Day $on,
        public array $lines,
        public array $answers,
        public array $habits,
        public ?int $score,
        public int $focusMinutes,
    ) {
    }

    /** Whether nothing is known of it. */
    public function isEmpty(): bool
    {
        return $this->lines === [] &&
            $this->answers === [] &&
            $this->score === null &&
            $this->focusMinutes === 0 &&
            ! in_array(HabitDay::Done, $this->habits, true);
    }
}
