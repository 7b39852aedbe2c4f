<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Week\Answers\WeekDay;
use App\Queries\Week\Answers\WeekHours;
use Loftrin\Core\Work\Task;

/** What a person's week holds: of a week that is over, what was done in it. */
final readonly class WeekPlan
{
    /**
     * @param list<TaskRow> $tasks in their order
     * @param list<WeekDay> $days the working days, and others on which there is something, with their tasks
     * @param list<TaskRow> $noDay those that stand on none of them
     * @param list<TaskRow> $due open ones with no time planned that are due in it, and in the present week what is late
     * @param ?WeekHours $hours of what is left of it; null once it is over
     */
    public function __construct(
        public array $tasks,
        public array $days,
        public array $noDay,
        public array $due = [],
        public ?WeekHours $hours = null,
    ) {
    }

    /** @return list<TaskRow> open tasks carried into it, most often first */
    public function carriedOver(): array
    {
        $carried = array_filter($this->tasks, static fn(TaskRow $row): bool => $row->carried > 0 && ! $row->isDone && ! $row->isAside);
        usort($carried, static fn(TaskRow $a, TaskRow $b): int => $b->carried <=> $a->carried);

        return $carried;
    }

    /** What is planned for it, done or not, in minutes. */
    public function minutes(): int
    {
        return array_sum(
            array_map(
                static fn(TaskRow $row): int => $row->planned === null || $row->isAside ? 0 : $row->minutes ?? Task::USUAL_MINUTES,
                $this->tasks,
            ),
        );
    }
}
