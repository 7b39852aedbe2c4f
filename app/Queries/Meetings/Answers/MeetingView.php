<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A meeting that runs, or its minutes once it was closed. */
final readonly class MeetingView implements Props
{
    /**
     * @param int $number which meeting of its series it is
     * @param string $begins HH:MM, when it was opened
     * @param string $ends HH:MM, when it is to end
     * @param ?string $closedAt HH:MM
     * @param int $elapsed seconds since it was opened; once closed, how long it took
     * @param list<ItemRow> $items in order; what will not fit comes behind the closing
     * @param list<TaskRow> $followUps asked about in this meeting
     * @param list<AttendanceRow> $attendances
     * @param list<IssueRow> $raisedMeanwhile
     * @param list<Option> $projects a next step can be for
     * @param string $by when next steps are due unless said
     */
    public function __construct(
        public int $id,
        public SeriesRow $series,
        public Day $on,
        public int $number,
        public int $minutes,
        public string $begins,
        public string $ends,
        public ?string $closedAt,
        public int $elapsed,
        public ?string $chair,
        public ?string $minuteTaker,
        public ?string $summary,
        public array $items,
        public array $followUps,
        public array $attendances,
        public array $raisedMeanwhile,
        public array $projects,
        public string $by,
        public bool $mayRun,
    ) {
    }
}
