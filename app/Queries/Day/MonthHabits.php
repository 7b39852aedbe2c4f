<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Habit;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Day\Answers\MonthHabit;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\HabitState;

/** A person's habits over a month, day by day. */
final readonly class MonthHabits
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<MonthHabit> those that were kept in the span */
    public function of(Person $person, Span $span): array
    {
        $today = $this->workspace->today();
        $on = $span->asOf($today);
        $rests = Habits::restsOf($person);
        $habits = Habit::query()
            ->where('person_id', $person->id)
            ->where('began_on', '<=', (string) $span->last)
            ->where(static fn(Builder $either) => $either->whereNull('ended_on')->orWhere('ended_on', '>=', (string) $span->first))
            ->with(['ticks' => static fn($ticks) => $ticks->where('on', '<=', (string) $span->last)])
            ->orderBy('id')
            ->get();

        return array_values($habits->map(fn(Habit $habit): MonthHabit => $this->row($habit, $span, $on, $rests))->all());
    }

    /** @param list<Span> $rests */
    private function row(Habit $habit, Span $span, Day $on, array $rests): MonthHabit
    {
        $calendar = $this->workspace->calendar();
        $counted = $habit->counted($rests);
        $periods = array_filter(
            $counted->recent($calendar, $on, $span->length()),
            static fn($period): bool => ! $period->span->last->isBefore($span->first),
        );
        $met = array_filter($periods, static fn($period): bool => $period->state === HabitState::Met);
        $missed = array_filter($periods, static fn($period): bool => $period->state === HabitState::Missed);
        $days = [];

        foreach ($habit->ticks as $tick) {
            if ($span->holds($tick->on)) {
                $days[(string) $tick->on] = $tick->count;
            }
        }

        return new MonthHabit(
            $habit->title,
            $habit->per,
            $habit->times,
            $days,
            count($met),
            count($met) + count($missed),
            $counted->inARow($calendar, $on),
        );
    }
}
