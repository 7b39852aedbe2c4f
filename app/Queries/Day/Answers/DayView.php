<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Direction\Answers\LongTerm;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\People\Answers\ReminderRow;
use App\Queries\Props;
use App\Queries\Week\Answers\DailyLine;
use Loftrin\Core\Calendar\Day;

/** Where a day starts: what is due, today's tasks and meetings, what is left of its time. */
final readonly class DayView implements Props
{
    /**
     * @param list<DuePass> $passes those due first
     * @param ?TaskRow $mainThing the open task of today that matters most
     * @param list<TaskRow> $tasks today's
     * @param list<TaskRow> $late
     * @param list<Occurrence> $meetings
     * @param list<GoalRow> $weekGoals
     * @param list<ReminderRow> $alerts reminders of today, and earlier ones that were not seen
     * @param list<DailyLine> $daily the daily checklist
     * @param int $free minutes; below 0 when more is planned than fits
     */
    public function __construct(
        public Day $on,
        public string $week,
        public ?string $words,
        public LongTerm $longTerm,
        public array $passes,
        public ?TaskRow $mainThing,
        public bool $isChosen,
        public array $tasks,
        public array $late,
        public array $meetings,
        public array $weekGoals,
        public int $available,
        public int $planned,
        public int $free,
        public array $daily,
        public array $alerts,
    ) {
    }
}
