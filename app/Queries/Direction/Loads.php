<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Workspace;
use App\Queries\Direction\Answers\LoadRow;
use App\Queries\Hours\Capacities;
use App\Queries\Hours\PlacedTasks;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\PlanningSpan;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Capacity;

/**
 * What each person has promised for a stretch: its goals that they own, and the open tasks that are planned in it,
 * or have no time and are due in it, themselves or with their project; with what main efforts are meant to take besides. All that is
 * theirs is in it, rounded so that nothing private shows.
 */
final readonly class Loads
{
    public function __construct(private Workspace $workspace, private Everybody $everybody, private Capacities $capacities)
    {
    }

    /** @return list<LoadRow> those with too much first, then by name */
    public function of(PlanningSpan $stretch, Person $viewer): array
    {
        $periods = array_map(static fn(Period $period): string => $period->name, $stretch->periods);
        $unestimated = UnestimatedGoals::in($periods);
        $goals = Goal::query()
            ->openToAll()
            ->whereNull('closed_on')
            ->whereIn('period', $periods)
            ->toBase()
            ->groupBy('owner_id')
            ->selectRaw('owner_id, count(*) as number')
            ->pluck('number', 'owner_id');
        $minutes = $this->promised($stretch);
        $capacities = $this->capacities($stretch->span);
        $known = $this->capacities->known($stretch->span);
        $rows = $this->everybody
            ->all()
            ->map(static function (Person $person) use ($goals, $unestimated, $minutes, $capacities, $known, $viewer): LoadRow {
                $count = $goals->get($person->id);
                $capacity = $capacities[$person->id]->with($minutes[$person->id] ?? 0);

                return LoadRow::of(
                    person: $person,
                    capacity: $capacity,
                    goals: is_numeric($count) ? (int) $count : 0,
                    unestimated: $unestimated[$person->id] ?? 0,
                    known: $person->is($viewer) ? null : array_sum($known[$person->id] ?? []),
                );
            })
            ->all();
        usort($rows, static fn(LoadRow $a, LoadRow $b): int => ($b->isOver || $b->hasMany) <=> ($a->isOver || $a->hasMany));

        return $rows;
    }

    /**
     * The hours of the days that are left of the stretch, with what its weeks mean for main efforts.
     *
     * @return array<int, Capacity> by person; what stands on the days is left out: it is told by the stretch
     */
    private function capacities(Span $span): array
    {
        $sums = array_map(static fn(Capacity $of): Capacity => new Capacity($of->hours, $of->taken), $this->capacities->over($span));

        foreach ($this->workspace->calendar()->weeksIn($span) as $week) {
            foreach ($this->capacities->efforts($week) as $person => $minutes) {
                $sums[$person] = $sums[$person]->with(0, $minutes);
            }
        }

        return $sums;
    }

    /** @return array<array-key, int> minutes by person */
    private function promised(PlanningSpan $stretch): array
    {
        [$first, $last] = [(string) $stretch->span->first, (string) $stretch->span->last];

        return PlacedTasks::open()
            ->where(
                static fn($either) => $either
                    ->where(static fn($planned) => $planned->where('planned_from', '<=', $last)->where('planned_to', '>=', $first))
                    ->orWhere(
                        static fn($due) => $due
                            ->whereNull('planned')
                            ->whereBetween(DB::raw('coalesce(tasks.due_on, projects.due_on)'), [$first, $last]),
                    ),
            )
            ->groupBy('tasks.owner_id')
            ->selectRaw('tasks.owner_id, sum('.PlacedTasks::left().') as minutes')
            ->pluck('minutes', 'owner_id')
            ->map(static fn(mixed $sum): int => is_numeric($sum) ? (int) $sum : 0)
            ->all();
    }
}
