<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use DateTimeZone;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Reading;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\RecurringTask;
use Loftrin\Core\Work\Task;

/** A whole plan, read from a plan file and checked against the rules. */
final readonly class PlanDocument
{
    /**
     * @param array<array-key, Goal> $goals by id, in the order of the file
     * @param array<array-key, list<Reading>> $readings by goal, in the order entered
     * @param array<array-key, Project> $projects by id, in the order of the file
     * @param array<array-key, RecurringTask> $recurringTasks by id
     * @param list<Task> $tasks in the order of the file
     */
    public function __construct(
        public DateTimeZone $timezone,
        public Calendar $calendar,
        public array $goals,
        public array $readings,
        public array $projects,
        public array $recurringTasks,
        public array $tasks,
    ) {
    }
}
