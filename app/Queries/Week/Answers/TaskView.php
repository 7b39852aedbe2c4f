<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Parts\Answers\Beside;
use App\Queries\Parts\Answers\ContactRow;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;

/** Everything that a task's own page shows. */
final readonly class TaskView implements Props
{
    /**
     * @param list<Option> $thread what it is for, from the goal at the top down to its project
     * @param ?PlannedSpan $planned where it stands today
     * @param ?PlannedSpan $firstPlanned where it stood before it was carried over, if it was
     * @param list<StepRow> $steps
     * @param list<Option> $stages of its project
     * @param ?Option $origin the meeting it came from: its address and title
     * @param list<PersonTag> $people
     * @param list<int> $after tasks that are to be done before it
     * @param list<Option> $before open tasks of its project that it could come after
     * @param list<string> $names of people and contacts that it can wait on
     * @param list<Option> $mainEfforts that it can be work on
     * @param ?ContactRow $contact that it waits on, and the area or client of theirs: its address and name
     */
    public function __construct(
        public TaskRow $task,
        public array $thread,
        public ?PlannedSpan $planned,
        public ?PlannedSpan $firstPlanned,
        public ?WhenDone $whenDone,
        public ?string $notes,
        public Day $createdOn,
        public ?Day $waitingSince,
        public array $steps,
        public array $stages,
        public ?Option $origin,
        public array $people,
        public array $mainEfforts,
        public ?int $mainEffort,
        public ?Focus $focus,
        public ?string $place,
        public array $after,
        public array $before,
        public bool $isShelved,
        public ?int $project,
        public ?int $goal,
        public ?Day $inProgressSince,
        public ?int $checkedBy,
        public array $names,
        public Beside $beside,
        public ?ContactRow $contact,
        public ?Option $contactArea,
    ) {
    }
}
