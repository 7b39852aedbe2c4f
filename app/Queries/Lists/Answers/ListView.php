<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Queries\Lists\TaskList;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use App\Queries\Week\Answers\WeekDay;
use Loftrin\Core\Calendar\Day;

/** One list of a person's tasks, with how many lie in the others. */
final readonly class ListView implements Props
{
    /**
     * @param list<ListCount> $lists all of them, with their counts
     * @param list<ListGroup> $groups
     * @param int $total of the list, of which the first ones are shown
     * @param int $minutes how long the gap is
     * @param Day $since from when on finished tasks are listed
     * @param list<WeekDay> $days what is left of this week, beside tasks that are given a time in one move; otherwise none
     * @param list<SavedTag> $saved one's own and shared ones
     * @param list<PersonTag> $people
     */
    public function __construct(
        public TaskList $list,
        public array $lists,
        public array $groups,
        public int $total,
        public int $minutes,
        public Day $since,
        public array $days,
        public string $week,
        public string $nextWeek,
        public array $people,
        public array $saved,
    ) {
    }
}
