<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

/** A step of the scale by date: a day, a week or what has neither. */
final readonly class DateStep implements Props
{
    /**
     * @param string $step late, today, YYYY-MM-DD, week, the name of a week, later or not_scheduled
     * @param ?string $time the day or week that a task dropped here is planned for; null where none can be
     * @param ?int $free minutes of it that are neither taken nor planned, below 0 when there is more than fits; null where it has no hours
     * @param int $count of its tasks, of which the first ones are shown
     * @param int $minutes what they take
     * @param list<TaskRow> $tasks
     * @param int $more minutes of those that are not shown
     */
    public function __construct(
        public string $step,
        public ?string $time,
        public ?int $free,
        public int $count,
        public int $minutes,
        public array $tasks,
        public int $more,
    ) {
    }
}
