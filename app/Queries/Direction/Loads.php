<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Direction\Answers\LoadRow;
use App\Queries\Meetings\TakenTime;
use App\Queries\Parts\Answers\PersonTag;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\PlanningSpan;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Ledger;
use Loftrin\Core\Work\Load;
use Loftrin\Core\Work\ProjectState;

/**
 * What each person has promised for a stretch: its goals that they own, and the open tasks that are planned in it,
 * or have no time and are due in it, themselves or with their project. What is private or hidden counts for nobody, so that all read the
 * same.
 */
final readonly class Loads
{
    public function __construct(private Workspace $workspace, private Everybody $everybody, private TakenTime $taken)
    {
    }

    /** @return list<LoadRow> those with too much first, then by name */
    public function of(PlanningSpan $stretch): array
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
        $available = $this->available($stretch->span);
        $rows = $this->everybody
            ->all()
            ->map(static function (Person $person) use ($goals, $unestimated, $minutes, $available): LoadRow {
                $count = $goals->get($person->id);
                $load = new Load(Fraction::of($minutes[$person->id] ?? 0), $available[$person->id], is_numeric($count) ? (int) $count : 0);

                return new LoadRow(
                    person: PersonTag::of($person),
                    goals: $load->goals,
                    unestimated: $unestimated[$person->id] ?? 0,
                    planned: (int) $load->planned->rounded(0),
                    available: (int) $load->available->rounded(0),
                    isOver: $load->isOver(),
                    hasMany: $load->hasManyGoals(),
                );
            })
            ->all();
        usort($rows, static fn(LoadRow $a, LoadRow $b): int => ($b->isOver || $b->hasMany) <=> ($a->isOver || $a->hasMany));

        return $rows;
    }

    /**
     * Weekly hours × the working days that are left ÷ those of a full week − the meetings that are left, not below 0.
     *
     * Rules: computation 10, without appointments.
     *
     * @return array<int, Fraction> minutes by person
     */
    public function available(Span $span): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();

        if ($today->isAfter($span->last)) {
            return $this->everybody->all()->map(static fn(): Fraction => Fraction::zero())->all();
        }

        $left = new Span($today->isAfter($span->first) ? $today : $span->first, $span->last);
        $days = $calendar->workingDays($left);
        $week = max(1, count($calendar->workingDays));
        $meetings = $this->taken->within($left);

        return $this->everybody
            ->all()
            ->map(static function (Person $person) use ($days, $week, $meetings): Fraction {
                $free = Fraction::of($person->weekly_hours * 60 * $days, $week)->minus(Fraction::of($meetings[$person->id] ?? 0));

                return $free->isPositive() ? $free : Fraction::zero();
            })
            ->all();
    }

    /** Open tasks that all see, not in a project that was put aside, with the minutes that are left of them by owner. */
    public static function left(): Builder
    {
        $done =
            '(select coalesce(avg(case when steps.done_on is null then 0.0 else 1.0 end), 0) from steps where steps.task_id = tasks.id)';

        return DB::table('tasks')
            ->leftJoin('projects', 'projects.id', '=', 'tasks.project_id')
            ->where('tasks.visibility', Visibility::Everyone->value)
            ->whereNull('tasks.done_on')
            ->whereNull('tasks.dropped_on')
            ->whereNull('tasks.shelved_on')
            ->where(static fn($either) => $either->whereNull('projects.state')->orWhereNotIn('projects.state', ProjectState::ASIDE))
            ->groupBy('tasks.owner_id')
            ->selectRaw("tasks.owner_id, sum(coalesce(tasks.minutes, ?) * (1 - $done)) as minutes", [Ledger::USUAL_MINUTES]);
    }

    /** @return array<array-key, int> minutes by person */
    private function promised(PlanningSpan $stretch): array
    {
        [$first, $last] = [(string) $stretch->span->first, (string) $stretch->span->last];

        return self::left()
            ->where(
                static fn($either) => $either
                    ->where(static fn($planned) => $planned->where('planned_from', '<=', $last)->where('planned_to', '>=', $first))
                    ->orWhere(
                        static fn($due) => $due
                            ->whereNull('planned')
                            ->whereBetween(DB::raw('coalesce(tasks.due_on, projects.due_on)'), [$first, $last]),
                    ),
            )
            ->pluck('minutes', 'owner_id')
            ->map(static fn(mixed $sum): int => is_numeric($sum) ? (int) round((float) $sum) : 0)
            ->all();
    }
}
