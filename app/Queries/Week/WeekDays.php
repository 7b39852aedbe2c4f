<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Appointment;
use App\Models\Person;
use App\Models\ProtectedHours;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Hours\Capacities;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Meetings\Occurrences;
use App\Queries\Parts\Answers\AppointmentRow;
use App\Queries\Parts\Answers\ProtectedHoursRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Week\Answers\WeekDay;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\ProtectedHours as Hours;
use Loftrin\Core\Work\Capacity;

/** The days of a week with their meetings, appointments and tasks, and what is left of their hours. */
final readonly class WeekDays
{
    public function __construct(private Workspace $workspace, private Occurrences $occurrences, private Capacities $capacities)
    {
    }

    /**
     * The tasks by the day on which they stand: done ones where they were planned, or else when they were done.
     *
     * @param array<TaskRow> $rows
     *
     * @return array<string, list<TaskRow>> by date; those with no day under ""
     */
    public static function byDay(Period $week, array $rows): array
    {
        $days = [];

        foreach ($rows as $row) {
            $planned = Day::tryOf($row->planned ?? '');
            $on = match (true) {
                $planned !== null && $week->span->holds($planned) => $planned,
                $row->doneOn !== null && $week->span->holds($row->doneOn) => $row->doneOn,
                default => null,
            };
            $days[(string) $on][] = $row;
        }

        return $days;
    }

    /**
     * @param array<string, list<TaskRow>> $byDay
     *
     * @return list<WeekDay> the working days, and others that hold something
     */
    public function of(Period $week, Person $viewer, Person $whose, array $byDay): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $meetings = $this->meetings($week->span, $viewer, $whose);
        $appointments = self::appointments($week->span, $viewer, $whose);
        $kept = ProtectedHours::query()->of($whose->id)->get()->groupBy('weekday');
        $capacities = $this->capacities->days($week->span)[$whose->id] ?? [];
        $days = [];

        for ($day = $week->span->first; ! $day->isAfter($week->span->last); $day = $day->plus(1)) {
            $tasks = $byDay[(string) $day] ?? [];
            $held = $meetings[(string) $day] ?? [];
            $appointed = $appointments[(string) $day] ?? [];
            $hoursKept = array_values($kept->get($day->weekday()->label())?->all() ?? []);

            if (! $calendar->isWorkingDay($day) && $tasks === [] && $held === [] && $appointed === []) {
                continue;
            }

            $capacity = $capacities[(string) $day] ?? new Capacity(0);
            $planned = array_sum(array_map(static fn(TaskRow $row): int => $row->left(), $tasks));
            $days[] = new WeekDay(
                on: $day,
                isToday: $day->number === $today->number,
                isPast: $day->isBefore($today),
                meetings: $held,
                appointments: $appointed,
                tasks: $tasks,
                available: $capacity->hours,
                planned: $planned,
                free: $viewer->is($whose) ? $capacity->free() : $capacity->freeToOthers(),
                kept: array_map(ProtectedHoursRow::of(...), $hoursKept),
                against: self::against($day, $hoursKept, $held, $appointed),
            );
        }

        return $days;
    }

    /**
     * @param list<ProtectedHours> $kept
     * @param list<Occurrence> $meetings
     * @param list<AppointmentRow> $appointments
     *
     * @return list<string> "Product meeting: 09:00 to 11:00 are kept for work"
     */
    private static function against(Day $day, array $kept, array $meetings, array $appointments): array
    {
        if ($kept === []) {
            return [];
        }

        $hours = array_map(static fn(ProtectedHours $each): Hours => $each->hours(), $kept);
        $taken = [
            ...array_map(static fn(Occurrence $each): array => [$each->title, $each->time, $each->minutes], $meetings),
            ...array_map(static fn(AppointmentRow $row): array => [$row->title ?? 'Busy', $row->at, $row->minutes], $appointments),
        ];
        $found = [];

        foreach ($taken as [$title, $at, $minutes]) {
            $against = Hours::against($hours, $day->weekday(), $at, $minutes);

            if ($against !== null) {
                $found[] = "$title: $against";
            }
        }

        return $found;
    }

    /** @return array<string, list<AppointmentRow>> by date; another person's only as busy */
    private static function appointments(Span $span, Person $viewer, Person $whose): array
    {
        $appointments = [];

        foreach (
            Appointment::query()
                ->where('person_id', $whose->id)
                ->whereBetween('on', [(string) $span->first, (string) $span->last])
                ->orderBy('at')
                ->orderBy('id')
                ->get() as $appointment
        ) {
            $appointments[(string) $appointment->on][] = AppointmentRow::of($appointment, $viewer->is($whose));
        }

        return $appointments;
    }

    /** @return array<string, list<Occurrence>> by date; of another person only those that the viewer may know of */
    private function meetings(Span $span, Person $viewer, Person $whose): array
    {
        $known = $viewer->is($whose) ? null : Series::query()->visibleTo($viewer)->pluck('id')->flip();
        $meetings = [];

        foreach ($this->occurrences->within($span, $whose) as $meeting) {
            if ($known === null || $known->has($meeting->seriesId)) {
                $meetings[(string) $meeting->on][] = $meeting;
            }
        }

        return $meetings;
    }
}
