<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Absence;
use App\Models\Habit;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Day\Answers\HabitMark;
use App\Queries\Day\Answers\HabitRow;
use App\Queries\Plan\StoredPlans;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\HabitPeriod;
use Loftrin\Core\Day\HabitState;

/** A person's habits as of a day, with how many periods in a row and their trend. */
final readonly class Habits
{
    /** So many periods are shown. */
    private const SHOWN = 14;

    public function __construct(private Workspace $workspace, private StoredPlans $plans)
    {
    }

    /** @return list<HabitRow> those that had begun and not ended by the day, and are for it */
    public function of(Person $person, Day $on): array
    {
        $habits = Habit::query()
            ->where('person_id', $person->id)
            ->where('began_on', '<=', (string) $on)
            ->where(static fn(Builder $either) => $either->whereNull('ended_on')->orWhere('ended_on', '>', (string) $on))
            ->with(['ticks' => static fn($ticks) => $ticks->where('on', '<=', (string) $on)])
            ->orderBy('id')
            ->get();

        if ($habits->isEmpty()) {
            return [];
        }

        $rests = self::restsOf($person);
        $threads = $this->plans->threads($person);

        return array_values(
            $habits
                ->map(fn(Habit $habit): ?HabitRow => $this->row($habit, $on, $rests, $threads->goal($habit->goal_id)?->title))
                ->filter()
                ->all(),
        );
    }

    /** @return list<Span> the days on which a person was or is away */
    public static function restsOf(Person $person): array
    {
        return array_values(
            Absence::query()
                ->where('person_id', $person->id)
                ->orderBy('first_on')
                ->get()
                ->map(static fn(Absence $absence): Span => $absence->span())
                ->all(),
        );
    }

    /** @param list<Span> $rests */
    private function row(Habit $habit, Day $on, array $rests, ?string $goal): ?HabitRow
    {
        $calendar = $this->workspace->calendar();
        $counted = $habit->counted($rests);

        if (! $counted->isFor($on)) {
            return null;
        }

        $recent = $counted->recent($calendar, $on, self::SHOWN);
        $over = array_filter(
            $recent,
            static fn(HabitPeriod $period): bool => in_array($period->state, [HabitState::Met, HabitState::Missed], true),
        );
        $present = end($recent);

        return new HabitRow(
            id: $habit->id,
            title: $habit->title,
            per: $habit->per,
            times: $habit->times,
            weekdays: $habit->weekdays,
            goalId: $goal === null ? null : $habit->goal_id,
            goal: $goal,
            today: $habit->ticks->first(static fn($tick): bool => $tick->on->number === $on->number)->count ?? 0,
            count: $present === false ? 0 : $present->count,
            inARow: $counted->inARow($calendar, $on),
            recent: array_map(
                static fn(HabitPeriod $period): HabitMark => new HabitMark($period->span->first, $period->count, $period->state),
                $recent,
            ),
            met: count(array_filter($over, static fn(HabitPeriod $period): bool => $period->state === HabitState::Met)),
            over: count($over),
        );
    }
}
