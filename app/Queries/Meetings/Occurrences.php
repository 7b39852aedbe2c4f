<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Meeting;
use App\Models\Person;
use App\Models\Series;
use App\Queries\Meetings\Answers\Occurrence;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** The meetings that a person attends, as their rules give them and as they were held. */
final class Occurrences
{
    /** @var array<int, array{Span, list<Occurrence>}> by attendee: the last that were asked for */
    private array $known = [];

    /** @return list<Occurrence> in the order of time */
    public function within(Span $span, Person $attendee): array
    {
        [$within, $known] = $this->known[$attendee->id] ?? [null, []];

        if ($within === null || ! $within->holds($span->first) || ! $within->holds($span->last)) {
            [$within, $known] = $this->known[$attendee->id] = [$span, $this->find($span, $attendee)];
        }

        return array_values(array_filter($known, static fn(Occurrence $meeting): bool => $span->holds($meeting->on)));
    }

    /** @return list<Occurrence> */
    private function find(Span $span, Person $attendee): array
    {
        $found = [];

        foreach ($this->seriesOf($attendee, $span) as $series) {
            foreach ($series->meetings as $meeting) {
                $found["$series->id $meeting->on"] = self::held($series, $meeting);
            }

            foreach (MeetingDays::each($series, $span) as $planned) {
                $found["$series->id $planned->on"] ??= self::coming($series, $planned);
            }
        }

        usort($found, static fn(Occurrence $a, Occurrence $b): int => [$a->on->number, $a->time] <=> [$b->on->number, $b->time]);

        return $found;
    }

    /** The series' next meeting on or after the day that was not opened yet. */
    public static function next(Series $series, Day $from): ?Day
    {
        return MeetingDays::next($series, $from)?->on;
    }

    /** @return iterable<Series> */
    private function seriesOf(Person $attendee, Span $span): iterable
    {
        return Series::query()
            ->whereHas('attendees', static fn(Builder $attendees) => $attendees->where('person_id', $attendee->id))
            ->with([
                ...Series::DAYS,
                'meetings' => static fn($meetings) => $meetings->whereBetween('on', [(string) $span->first, (string) $span->last]),
            ])
            ->orderBy('id')
            ->get();
    }

    /** A meeting that was opened: it runs, or its minutes are final. */
    public static function held(Series $series, Meeting $meeting): Occurrence
    {
        return new Occurrence(
            seriesId: $series->id,
            title: $series->title,
            on: $meeting->on,
            time: $meeting->time,
            minutes: $meeting->minutes,
            link: route('meetings.show', $meeting->id, false),
            state: $meeting->closed_at === null ? 'running' : 'closed',
        );
    }

    private static function coming(Series $series, PlannedMeeting $planned): Occurrence
    {
        return new Occurrence(
            seriesId: $series->id,
            title: $series->title,
            on: $planned->on,
            time: $planned->time,
            minutes: $planned->minutes,
            link: route('series.show', $series->id, false),
            state: 'coming',
        );
    }
}
