<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

/** A recurring task to be changed, with what became of its times. */
final readonly class RecurringTaskView implements Props
{
    /**
     * @param list<OccurrenceRow> $occurrences the last ones, newest first
     * @param list<string> $ahead the next dates that its rule names
     * @param list<TaskRow> $tasks what is open of it, and this quarter's pieces
     * @param list<PersonTag> $people
     * @param list<Option> $areas
     * @param list<Option> $goals
     * @param list<Option> $templates from which pieces can take their steps
     * @param list<Option> $mainEfforts that it can be work on
     */
    public function __construct(
        public RecurringTaskValues $recurringTask,
        public int $done,
        public int $skipped,
        public int $missed,
        public array $occurrences,
        public array $ahead,
        public array $tasks,
        public ?CheckListRow $checklist,
        public ?string $projectTitle,
        public string $quarter,
        public array $people,
        public array $areas,
        public array $goals,
        public bool $hasEnded,
        public array $templates,
        public array $mainEfforts,
    ) {
    }
}
