<?php

declare(strict_types=1);

namespace App\Queries\Hours;

use App\Models\Appointment;
use App\Models\ProtectedHours;
use App\Models\Series;
use App\Queries\Meetings\MeetingDays;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\ProtectedHours as Hours;
use Loftrin\Core\Work\BusyTime;

/**
 * The time that meetings take of those who attend them, and appointments within working hours. A private meeting takes time like any
 * other, and says nothing else: what others see of free time is rounded.
 */
final class TakenTime
{
    /** @var list<array{Span, array<int, array<int, list<array{string, int, bool}>>>}> what was worked out, of which spans */
    private array $times = [];

    /**
     * @param bool $isForAll only what all may know of
     *
     * @return array<int, array<int, int>> minutes by person and the number of the day; what overlaps counts once
     */
    public function byDay(Span $span, bool $isForAll = false): array
    {
        $minutes = static fn(array $taken): int => BusyTime::minutes(
            array_values(
                array_map(
                    static fn(array $each): array => [$each[0], $each[1]],
                    array_filter($taken, static fn(array $each): bool => ! ($isForAll && $each[2])),
                ),
            ),
        );

        return array_map(static fn(array $days): array => array_map($minutes, $days), $this->times($span));
    }

    /**
     * How many of them go against hours that the person keeps, as all may know: private meetings count for nobody.
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
                    static fn(array $each): bool => ! $each[2] && Hours::against($hours, $weekday, $each[0], $each[1]) !== null,
                );

                if ($across !== []) {
                    $against[$person] = ($against[$person] ?? 0) + count($across);
                }
            }
        }

        return $against;
    }

    /**
     * What lies in a span that was asked for before is not asked for again: who looks at several weeks asks for all of them first.
     *
     * @return array<int, array<int, list<array{string, int, bool}>>> time, minutes and whether it is private, by person and day
     */
    private function times(Span $span): array
    {
        foreach ($this->times as [$known, $times]) {
            if ($known->holds($span->first) && $known->holds($span->last)) {
                return array_map(
                    static fn(array $days): array => array_filter(
                        $days,
                        static fn(int $day): bool => $day >= $span->first->number && $day <= $span->last->number,
                        ARRAY_FILTER_USE_KEY,
                    ),
                    $times,
                );
            }
        }

        $this->times[] = [$span, $times = $this->workOut($span)];

        return $times;
    }

    /** @return array<int, array<int, list<array{string, int, bool}>>> */
    private function workOut(Span $span): array
    {
        $days = [(string) $span->first, (string) $span->last];
        $taken = [];
        $allSeries = Series::query()
            ->with(['attendees', ...Series::DAYS, 'meetings' => static fn($meetings) => $meetings->whereBetween('on', $days)])
            ->orderBy('id');

        foreach ($allSeries->get() as $series) {
            foreach ($this->meetings($series, $span) as $day => [$time, $minutes]) {
                foreach ($series->attendees as $attendee) {
                    $taken[$attendee->person_id][$day][] = [$time, $minutes, $series->is_private];
                }
            }
        }

        foreach (Appointment::query()->whereBetween('on', $days)->orderBy('id')->get() as $appointment) {
            $taken[$appointment->person_id][$appointment->on->number][] = [
                ...BusyTime::atWork($appointment->at, $appointment->minutes),
                false,
            ];
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
            $meetings[$opened->on->number] = [$opened->time, $opened->minutes];
        }

        return $meetings;
    }
}
