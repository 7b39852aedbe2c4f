<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Meeting;
use App\Models\MeetingException;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\PlannedRow;
use Closure;
use Generator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** The days on which a series meets: as its rule has it, without what is cancelled, and with what is moved where it goes. */
final readonly class MeetingDays
{
    /** A meeting can be moved so many days away: it is looked for that far around a span. */
    public const FARTHEST = 62;

    /**
     * One by one, in the order of the rule; what is moved comes in its place.
     *
     * @param Series $series what its days need is loaded for all where there are several
     *
     * @return Generator<int, PlannedMeeting>
     */
    public static function each(Series $series, Span $span): Generator
    {
        $exceptions = self::exceptions($series);
        $around = $exceptions->isEmpty() ? $span : new Span($span->first->plus(-self::FARTHEST), $span->last->plus(self::FARTHEST));

        foreach ($series->timetable()->each($around) as $meeting) {
            $exception = $exceptions->get($meeting->by->number);
            $on = $exception === null ? $meeting->on : $exception->moved_to;

            if ($on instanceof Day && $span->holds($on)) {
                yield new PlannedMeeting($on, $exception->time ?? $meeting->time, $meeting->minutes, $meeting->by);
            }
        }
    }

    /**
     * The next so many days of the rule, with what became of each; those that were opened are left out.
     *
     * @return list<PlannedRow>
     */
    public static function coming(Series $series, Day $from, int $count): array
    {
        $exceptions = self::exceptions($series);
        $opened = $series->meetings->keyBy('on');
        $rows = [];

        foreach ($series->timetable()->each(new Span($from, $from->plus(400))) as $meeting) {
            $exception = $exceptions->get($meeting->by->number);
            $on = $exception === null ? $meeting->on : $exception->moved_to;

            if ($on === null || ! $opened->has((string) $on)) {
                $rows[] = new PlannedRow($meeting->by, $on, $exception->time ?? $meeting->time, $exception !== null, $exception?->reason);
            }

            if (count($rows) === $count) {
                break;
            }
        }

        return $rows;
    }

    /** The next one on or after the day that was not opened yet. */
    public static function next(Series $series, Day $from): ?PlannedMeeting
    {
        $opened = $series->meetings->keyBy('on');
        $next = null;

        foreach (self::each($series, new Span($from, $from->plus(400))) as $meeting) {
            if (! $opened->has((string) $meeting->on)) {
                $next = $next === null || $meeting->on->isBefore($next->on) ? $meeting : $next;

                // What was moved can come before what was to come first.
                if ($meeting->by->number > $next->on->number + self::FARTHEST || $series->exceptions->isEmpty()) {
                    break;
                }
            }
        }

        return $next;
    }

    /**
     * @return Closure(HasMany<Meeting, Series>): HasMany<Meeting, Series> the meetings of a series that run, and those of today and later
     */
    public static function current(Workspace $workspace): Closure
    {
        $ahead = static fn(Builder $either) => $either->whereNull('closed_at')->orWhere('on', '>=', (string) $workspace->today());

        return static fn(HasMany $meetings): HasMany => $meetings->where($ahead);
    }

    /** @return Collection<int, MeetingException> by the number of the day that the rule has */
    private static function exceptions(Series $series): Collection
    {
        return $series->loadMissing('exceptions')->exceptions->keyBy(static fn(MeetingException $exception): int => $exception->on->number);
    }
}
