<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Meetings\Answers\MeetingsBeside;
use App\Queries\Parts\Answers\ContactRow;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Projects\Answers\RegisterRow;
use App\Queries\Props;
use App\Queries\Week\Answers\RecurringTaskRow;

/** What runs in an area, what comes in, and where its time went. */
final readonly class AreaView implements Props
{
    /**
     * @param list<ContactRow> $contacts
     * @param list<string> $tray what is not sorted, oldest first
     * @param list<GoalRow> $goals open ones
     * @param list<RegisterRow> $projects that are not over
     * @param list<TaskRow> $thisWeek the first of its open tasks of this week, ranked
     * @param list<TaskRow> $done in the last four weeks, newest first
     * @param int $forward minutes of the last four weeks that served a goal
     * @param int $upkeep minutes that served none
     * @param list<PersonTag> $people
     * @param list<RecurringTaskRow> $recurringTasks that run for it
     * @param int $thisWeekMore how many more open tasks of this week there are
     */
    public function __construct(
        public AreaRow $area,
        public string $notes,
        public array $contacts,
        public array $tray,
        public array $goals,
        public array $projects,
        public array $thisWeek,
        public array $done,
        public int $forward,
        public int $upkeep,
        public array $people,
        public bool $mayChange,
        public array $recurringTasks,
        public int $thisWeekMore,
        public MeetingsBeside $meetings,
    ) {
    }
}
