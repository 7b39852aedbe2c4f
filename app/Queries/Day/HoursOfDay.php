<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Attendance;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Day\Answers\DayHoursView;
use App\Queries\Day\Answers\FocusSessionRow;
use App\Queries\Day\Answers\RulerPart;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Parts\Answers\AppointmentRow;
use App\Queries\Parts\Answers\ProtectedHoursRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Week\Answers\WeekDay;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\WallTime;
use Loftrin\Core\Day\FreeTime;
use Loftrin\Core\Day\HoursKind;
use Loftrin\Core\Work\BusyTime;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Task;

/** Lays a day out to scale: what was planned for it above, how it went below. */
final readonly class HoursOfDay
{
    private const MIDNIGHT = 24 * 60;

    public function __construct(private Workspace $workspace)
    {
    }

    /** @param list<RulerPart> $went what took place on the day */
    public function of(WeekDay $day, array $went): DayHoursView
    {
        $now = $this->workspace->now();
        $minute = $day->isToday ? 60 * $now->hour + $now->minute : null;
        $fixed = [
            ...array_map(
                static fn(Occurrence $meeting): RulerPart => self::part('meeting', $meeting->title, $meeting->time, $meeting->minutes),
                $day->meetings,
            ),
            ...array_map(
                static fn(AppointmentRow $row): RulerPart => self::part('appointment', (string) $row->title, $row->at, $row->minutes),
                $day->appointments,
            ),
            ...array_map(
                static fn(TaskRow $task): RulerPart => self::part('task', $task->title, (string) $task->plannedAt, self::length($task)),
                array_values(array_filter($day->tasks, static fn(TaskRow $task): bool => $task->plannedAt !== null)),
            ),
        ];
        $planned = [...$fixed, ...$day->isPast ? [] : self::loose($day, $fixed, $minute)];
        $all = [...$planned, ...$went];
        usort($planned, static fn(RulerPart $a, RulerPart $b): int => $a->from <=> $b->from);

        return new DayHoursView(
            from: 60 * intdiv(min([BusyTime::WORK_FROM - 60, ...array_column($all, 'from'), ...$minute === null ? [] : [$minute]]), 60),
            until: min(
                self::MIDNIGHT,
                60 * (int) ceil(max([BusyTime::WORK_UNTIL, ...array_column($all, 'until'), ...$minute === null ? [] : [$minute]]) / 60),
            ),
            planned: $planned,
            went: $went,
            now: $minute,
        );
    }

    /**
     * What has no time of its own, in its order, where it would fit from now on: what needs full focus in the hours kept for work.
     *
     * @param list<RulerPart> $fixed
     *
     * @return list<RulerPart> what fits nowhere is left out
     */
    private static function loose(WeekDay $day, array $fixed, ?int $now): array
    {
        $open = array_values(array_filter($day->tasks, static fn(TaskRow $task): bool => $task->plannedAt === null && $task->left() > 0));
        $lengths = array_map(static fn(TaskRow $task): int => $task->left(), $open);
        $work = array_filter($day->kept, static fn(ProtectedHoursRow $hours): bool => $hours->kind === HoursKind::Work);
        $at = FreeTime::place(
            array_map(static fn(RulerPart $part): array => [$part->from, $part->until], $fixed),
            $lengths,
            max(BusyTime::WORK_FROM, $now ?? 0),
            BusyTime::WORK_UNTIL,
            array_map(static fn(ProtectedHoursRow $hours): array => $hours->minutes(), array_values($work)),
            array_map(static fn(TaskRow $task): bool => $task->focus === Focus::Full, $open),
        );
        $parts = [];

        foreach ($at as $place => $from) {
            if ($from !== null) {
                $parts[] = new RulerPart('loose', $open[$place]->title, $from, $from + $lengths[$place]);
            }
        }

        return $parts;
    }

    /** @return list<RulerPart> the meetings at which the person was */
    public function attended(Person $person, Day $on): array
    {
        $attended = Meeting::query()
            ->where('on', (string) $on)
            ->whereIn('id', Attendance::query()->where('person_id', $person->id)->where('was_there', true)->select('meeting_id'))
            ->with('series')
            ->orderBy('opened_at')
            ->get();

        return array_values(
            $attended
                ->map(fn(Meeting $meeting): RulerPart => $this->between($meeting->series->title, $meeting->opened_at, $meeting->closed_at))
                ->all(),
        );
    }

    /**
     * @param list<FocusSessionRow> $sessions
     *
     * @return list<RulerPart>
     */
    public static function ofSessions(array $sessions): array
    {
        return array_map(
            static fn(FocusSessionRow $session): RulerPart => self::part(
                'session',
                $session->intent,
                $session->at,
                max(1, intdiv($session->elapsed, 60)),
            ),
            $sessions,
        );
    }

    /** One that is not over lasts until now; what goes past midnight ends there. */
    private function between(string $title, Carbon $from, ?Carbon $until): RulerPart
    {
        $length = (int) $from->diffInMinutes($until ?? Carbon::now());

        return self::part('meeting', $title, $this->workspace->wallTime($from), max(1, $length));
    }

    private static function part(string $kind, string $title, string $at, int $minutes): RulerPart
    {
        $from = WallTime::minutes($at);

        return new RulerPart($kind, $title, $from, min(self::MIDNIGHT, $from + $minutes));
    }

    private static function length(TaskRow $task): int
    {
        return $task->minutes ?? Task::USUAL_MINUTES;
    }
}
