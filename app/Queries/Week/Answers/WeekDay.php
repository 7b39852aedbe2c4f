<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Parts\Answers\AppointmentRow;
use App\Queries\Parts\Answers\ProtectedHoursRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A day of a week with its meetings, appointments and tasks, and what is left of its hours. */
final readonly class WeekDay implements Props
{
    /**
     * @param list<Occurrence> $meetings
     * @param list<AppointmentRow> $appointments
     * @param list<TaskRow> $tasks
     * @param int $available minutes one works on that day
     * @param int $planned minutes of its open tasks
     * @param int $free minutes left; below 0 when there is more than fits
     * @param list<ProtectedHoursRow> $kept hours that the person keeps on that weekday
     * @param list<string> $against what goes against them, in words
     */
    public function __construct(
        public Day $on,
        public bool $isToday,
        public bool $isPast,
        public array $meetings,
        public array $appointments,
        public array $tasks,
        public int $available,
        public int $planned,
        public int $free,
        public array $kept = [],
        public array $against = [],
    ) {
    }
}
