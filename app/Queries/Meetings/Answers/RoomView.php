<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A meeting that runs. */
final readonly class RoomView implements Props
{
    /**
     * @param int $number which meeting of its series it is
     * @param string $begins HH:MM, when it was opened
     * @param string $ends HH:MM, when it is to end
     * @param int $elapsed seconds since it was opened
     * @param string $draft of a summary; empty where there is nothing to sum up
     * @param list<ItemRow> $items in order; what will not fit comes behind the closing
     * @param ?DropPrice $drops what the next overrun costs
     * @param list<FollowUpRow> $followUps asked about in this meeting
     * @param list<TaskRow> $toConfirm next steps that the viewer has not said yes to
     * @param list<int> $unconfirmed next steps of this meeting to which their owners have not said yes
     * @param list<AttendanceRow> $attendances
     * @param list<PersonTag> $people those of them who have an account
     * @param list<IssueRow> $raisedMeanwhile
     * @param list<Option> $projects a next step can be for
     * @param list<Option> $goals that all may see
     * @param list<PointRow> $points the viewer's, with those who are there
     * @param list<Option> $otherMeetings to which an issue can be moved
     * @param string $by when next steps are due unless said
     * @param bool $mayCorrect lines of others: the chair and the minute-taker may
     */
    public function __construct(
        public int $id,
        public SeriesRow $series,
        public Day $on,
        public int $number,
        public int $minutes,
        public string $begins,
        public string $ends,
        public int $elapsed,
        public bool $isPaused,
        public ?string $chair,
        public ?string $minuteTaker,
        public ?string $summary,
        public string $draft,
        public array $items,
        public ?DropPrice $drops,
        public array $followUps,
        public array $toConfirm,
        public array $unconfirmed,
        public array $attendances,
        public array $people,
        public array $raisedMeanwhile,
        public array $projects,
        public array $goals,
        public array $points,
        public array $otherMeetings,
        public string $by,
        public bool $mayRun,
        public bool $mayCorrect,
    ) {
    }
}
