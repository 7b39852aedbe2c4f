<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\GoalRows;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Reviews\Answers\TeamGoal;
use App\Queries\Reviews\Answers\TeamWeek;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;

/** Every goal of the quarter with its owner, where it stands, and what the owner says of it in the week. Rules: guide R2, G9. */
final readonly class TeamWeekPage
{
    public function __construct(private Workspace $workspace, private GoalRows $rows)
    {
    }

    public function of(Period $week, Person $viewer): TeamWeek
    {
        $today = $this->workspace->today();
        $asOf = $today->isBefore($week->span->last) ? $today : $week->span->last;
        $goals = $this->open($week)->visibleTo($viewer)->orderBy('id')->get()->keyBy('id');
        $ids = array_values($goals->modelKeys());
        $year = $this->workspace->calendar()->yearOf($week->anchor());
        $now = $this->rows->only($ids, $year, $viewer, $asOf);
        $then = $this->rows->only($ids, $year, $viewer, $week->span->first->plus(-1));
        $said = $this->said($goals, $asOf);
        $rows = [];

        foreach ($now as $id => $row) {
            $goal = $goals->get($id);

            if ($goal !== null) {
                $rows[] = self::row($goal, $row, $then[$id] ?? null, $said->get($id), $week, $viewer);
            }
        }

        $changed = array_values(array_filter($rows, static fn(TeamGoal $each): bool => $each->change !== null && $each->change !== 0.0));
        usort($changed, static fn(TeamGoal $a, TeamGoal $b): int => abs($b->change ?? 0) <=> abs($a->change ?? 0));

        return new TeamWeek(
            PeriodTag::of($week, $this->workspace->calendar()),
            $changed,
            array_values(array_filter($rows, static fn(TeamGoal $each): bool => ! in_array($each, $changed, true))),
            self::silent($rows),
            $this->workspace->asks_owners_on,
            $viewer->isLead(),
        );
    }

    /** @return Builder<Goal> of the quarter that holds the week, open at its end */
    public function open(Period $week): Builder
    {
        return Goal::query()
            ->where('period', $this->workspace->calendar()->quarterOf($week->anchor())->name)
            ->where(static fn(Builder $open) => $open->whereNull('closed_on')->orWhere('closed_on', '>', (string) $week->span->last));
    }

    /**
     * @param Collection<int, Goal> $goals
     *
     * @return Collection<int, Estimate> the last of each owner, by goal
     */
    private function said(Collection $goals, Day $asOf): Collection
    {
        return Estimate::query()
            ->whereIn('goal_id', $goals->modelKeys())
            ->where('on', '<=', (string) $asOf)
            ->orderBy('on')
            ->orderBy('id')
            ->get()
            ->filter(static fn(Estimate $estimate): bool => $goals->get($estimate->goal_id)?->owner_id === $estimate->person_id)
            ->keyBy('goal_id');
    }

    private static function row(Goal $goal, GoalRow $now, ?GoalRow $then, ?Estimate $said, Period $week, Person $viewer): TeamGoal
    {
        [$progress, $before] = [$now->gauge->progress, $then?->gauge->progress];

        return new TeamGoal(
            goal: $now,
            change: $progress === null ? null : round($progress - ($before ?? 0.0), 1),
            chance: $said?->chance,
            line: $said?->line,
            on: $said?->on,
            isSaid: $said !== null && $week->span->holds($said->on),
            isMine: $goal->owner_id === $viewer->id && $goal->closed_on === null,
        );
    }

    /**
     * @param list<TeamGoal> $rows
     *
     * @return list<string>
     */
    private static function silent(array $rows): array
    {
        $silent = [];

        foreach ($rows as $row) {
            if (! $row->isSaid) {
                $silent[$row->goal->owner->id] = $row->goal->owner->name;
            }
        }

        return array_values($silent);
    }
}
