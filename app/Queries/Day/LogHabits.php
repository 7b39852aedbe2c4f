<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Habit;
use App\Models\HabitTick;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Day\Answers\LogHabit;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\HabitPeriod;

/** A person's habits over some days. */
final readonly class LogHabits
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return array{list<LogHabit>, array<string, list<HabitDay>>} those kept in the span, and what each came to, by date */
    public function of(Person $person, Span $span): array
    {
        $rests = Habits::restsOf($person);
        $columns = $days = [];

        foreach ($this->kept($person, $span) as $habit) {
            $counted = $habit->counted($rests);
            $calendar = $this->workspace->calendar();
            $periods = $counted->recent($calendar, $span->last, $span->length());
            $done = $habit->ticks->mapWithKeys(static fn(HabitTick $tick): array => [(string) $tick->on => $tick->count]);
            $last = end($periods);
            $columns[] = new LogHabit(
                $habit->title,
                $habit->per,
                $habit->times,
                $last instanceof HabitPeriod && $last->span->holds($span->last) ? $last->count : 0,
                $counted->inARow($calendar, $span->last),
            );

            for ($day = $span->first; ! $day->isAfter($span->last); $day = $day->plus(1)) {
                $holding = array_filter($periods, static fn(HabitPeriod $period): bool => $period->span->holds($day));
                $days[(string) $day][] = HabitDay::of(
                    $day,
                    $habit->began_on,
                    $habit->ended_on,
                    $done->get((string) $day, 0),
                    array_values($holding)[0] ?? null,
                );
            }
        }

        return [$columns, $days];
    }

    /** @return Collection<int, Habit> */
    private function kept(Person $person, Span $span): Collection
    {
        return Habit::query()
            ->where('person_id', $person->id)
            ->where('began_on', '<=', (string) $span->last)
            ->where(static fn(Builder $either) => $either->whereNull('ended_on')->orWhere('ended_on', '>=', (string) $span->first))
            ->with(['ticks' => static fn($ticks) => $ticks->where('on', '<=', (string) $span->last)])
            ->orderBy('id')
            ->get();
    }
}
