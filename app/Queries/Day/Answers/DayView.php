<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Capture\Answers\Returned;
use App\Queries\Direction\Answers\LongTerm;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Parts\Answers\AppointmentRow;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\ProtectedHoursRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use App\Queries\Week\Answers\DailyLine;
use Loftrin\Core\Calendar\Day;

/** A day of a person: what is due, its tasks and meetings, its hours to scale, its log, its evening. */
final readonly class DayView implements Props
{
    /**
     * @param list<DuePass> $passes those due first
     * @param ?TaskRow $mainThing what was chosen, or the first that is open
     * @param list<TaskRow> $tasks the day's
     * @param list<TaskRow> $late
     * @param list<TaskRow> $due on the day, with no time planned
     * @param list<Occurrence> $meetings
     * @param list<AppointmentRow> $appointments
     * @param list<GoalRow> $weekGoals
     * @param list<Returned> $alerts what has come back to the tray
     * @param list<DailyLine> $daily the daily checklist
     * @param ?FocusSessionRow $running the focus session that is running, begun on whatever day
     * @param list<FocusSessionRow> $sessions the day's
     * @param list<LogRow> $log
     * @param list<HabitRow> $habits
     * @param list<PickUpLine> $pickUp
     * @param list<AbsenceRow> $absences those that are not over
     * @param list<ProtectedHoursRow> $kept of any weekday
     * @param int $free minutes; below 0 when more is planned than fits
     */
    public function __construct(
        public Day $on,
        public bool $isToday,
        public bool $isPast,
        public PeriodTag $week,
        public ?string $words,
        public LongTerm $longTerm,
        public array $passes,
        public ?TaskRow $mainThing,
        public bool $isChosen,
        public array $tasks,
        public array $late,
        public array $due,
        public array $meetings,
        public array $appointments,
        public array $weekGoals,
        public int $available,
        public int $planned,
        public int $free,
        public DayHoursView $hours,
        public ?FocusSessionRow $running,
        public array $sessions,
        public array $log,
        public EveningView $evening,
        public array $habits,
        public array $pickUp,
        public array $absences,
        public array $kept,
        public array $daily,
        public array $alerts,
    ) {
    }
}
