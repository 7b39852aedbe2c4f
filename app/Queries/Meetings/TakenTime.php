<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Appointment;
use App\Models\ProtectedHours;
use App\Models\Series;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\ProtectedHours as Hours;
use Loftrin\Core\Work\BusyTime;

/**
 * How long the meetings ahead are that people attend, together with their appointments within working hours. A load is read
 * by all: what is private of the meetings counts for nobody, so that it does not show through; an appointment counts as
 * time, and says nothing else.
 */
final class TakenTime
{
    /** @var ?Collection<int, Series> with attendees, and what was opened from today on */
    private ?Collection $series = null;

    /** @var ?Collection<int, Appointment> */
    private ?Collection $appointments = null;

    /** @var array<string, array<int, array<int, list<array{string, int}>>>> what was worked out, by span */
    private array $times = [];

    public function __construct(private readonly Workspace $workspace)
    {
    }

    /** @return array<int, int> minutes within the span by person */
    public function within(Span $span): array
    {
        return array_map(static fn(array $days): int => array_sum(array_map(BusyTime::minutes(...), $days)), $this->times($span));
    }

    /**
     * How many of them go against hours that the person keeps.
     *
     * @param iterable<int, iterable<ProtectedHours>> $kept by person
     *
     * @return array<int, int> by person; only who has some
     */
    public function against(Span $span, iterable $kept): array
    {
        $times = $this->times($span);
        $against = [];

        foreach ($kept as $person => $records) {
            $hours = array_values(array_map(static fn(ProtectedHours $each): Hours => $each->hours(), [...$records]));

            foreach ($times[$person] ?? [] as $day => $taken) {
                $weekday = Day::ofNumber($day)->weekday();
                $across = array_filter(
                    $taken,
                    static fn(array $each): bool => Hours::against($hours, $weekday, $each[0], $each[1]) !== null,
                );

                if ($across !== []) {
                    $against[$person] = ($against[$person] ?? 0) + count($across);
                }
            }
        }

        return $against;
    }

    /** @return array<int, array<int, list<array{string, int}>>> time and minutes by person and the number of the day */
    private function times(Span $span): array
    {
        return $this->times["$span->first $span->last"] ??= $this->workOut($span);
    }

    /** @return array<int, array<int, list<array{string, int}>>> */
    private function workOut(Span $span): array
    {
        $taken = [];

        foreach ($this->series() as $series) {
            foreach ($this->meetings($series, $span) as $day => $meeting) {
                foreach ($series->attendees as $attendee) {
                    $taken[$attendee->person_id][$day][] = $meeting;
                }
            }
        }

        foreach ($this->appointments() as $appointment) {
            if ($span->holds($appointment->on)) {
                $taken[$appointment->person_id][$appointment->on->number][] = BusyTime::atWork($appointment->at, $appointment->minutes);
            }
        }

        return $taken;
    }

    /** @return array<int, array{string, int}> time and minutes of each, by the number of its day */
    private function meetings(Series $series, Span $span): array
    {
        $meetings = [];

        foreach (MeetingDays::each($series, $span) as $planned) {
            $meetings[$planned->on->number] = [$planned->time, $planned->minutes];
        }

        foreach ($series->meetings as $opened) {
            if ($span->holds($opened->on)) {
                $meetings[$opened->on->number] = [$opened->time, $opened->minutes];
            }
        }

        return $meetings;
    }

    /** @return Collection<int, Appointment> from today on */
    private function appointments(): Collection
    {
        return $this->appointments ??= Appointment::query()->where('on', '>=', (string) $this->workspace->today())->orderBy('id')->get();
    }

    /** @return Collection<int, Series> */
    private function series(): Collection
    {
        return $this->series ??= Series::query()
            ->where('is_private', false)
            ->with([
                'attendees',
                ...Series::DAYS,
                'meetings' => fn($meetings) => $meetings->where('on', '>=', (string) $this->workspace->today()),
            ])
            ->orderBy('id')
            ->get();
    }
}
