<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Queries\Capture\Answers\Returned;
use App\Queries\Day\Answers\AbsenceRow;
use App\Queries\Day\Answers\DuePass;
use App\Queries\Day\Answers\EveningView;
use App\Queries\Day\Answers\FocusSessionRow;
use App\Queries\Day\Answers\HabitRow;
use App\Queries\Day\Answers\LogRow;
use App\Queries\Day\Answers\PickUpLine;
use App\Queries\Day\Answers\RulerPart;
use App\Queries\Direction\Answers\LongTerm;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\ProtectedHoursRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Week\Answers\DailyLine;
use App\Queries\Week\Answers\WeekDay;

/** All of a day that stays as it is until something is changed. */
final readonly class DayParts
{
    /**
     * @param list<DuePass> $passes
     * @param list<TaskRow> $tasks
     * @param list<TaskRow> $late
     * @param list<TaskRow> $due on the day, with no time planned
     * @param list<GoalRow> $weekGoals
     * @param list<FocusSessionRow> $sessions that are over
     * @param list<RulerPart> $attended meetings at which the person was
     * @param list<LogRow> $log
     * @param list<HabitRow> $habits
     * @param list<PickUpLine> $pickUp
     * @param list<AbsenceRow> $absences
     * @param list<DailyLine> $daily
     * @param list<Returned> $alerts what has come back
     * @param list<ProtectedHoursRow> $kept of any weekday
     */
    public function __construct(
        public WeekDay $day,
        public PeriodTag $week,
        public ?string $words,
        public LongTerm $longTerm,
        public array $passes,
        public ?MainThing $main,
        public array $tasks,
        public array $late,
        public array $due,
        public array $weekGoals,
        public array $sessions,
        public array $attended,
        public array $log,
        public EveningView $evening,
        public array $habits,
        public array $pickUp,
        public array $absences,
        public array $daily,
        public array $alerts,
        public array $kept,
    ) {
    }
}
