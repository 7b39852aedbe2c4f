<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

final readonly class SeriesView implements Props
{
    /**
     * @param list<PersonTag> $attendees
     * @param list<PlannedItem> $agenda what fits, in order
     * @param list<IssueRow> $wontFit
     * @param string $ends HH:MM
     * @param int $spare minutes that are left
     * @param list<TaskRow> $followUps
     * @param list<Occurrence> $held newest first
     * @param list<Option> $projects to tie an issue to
     */
    public function __construct(
        public SeriesRow $series,
        public array $attendees,
        public ?string $chair,
        public ?string $minuteTaker,
        public array $agenda,
        public array $wontFit,
        public string $ends,
        public int $spare,
        public array $followUps,
        public array $held,
        public array $projects,
        public bool $mayChange,
    ) {
    }
}
