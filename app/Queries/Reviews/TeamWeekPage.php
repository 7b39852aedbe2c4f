<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Review;
use App\Models\Workspace;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\AskedGoals;
use App\Queries\Goals\GoalRows;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Plan\StoredPlans;
use App\Queries\Reviews\Answers\Disagreement;
use App\Queries\Reviews\Answers\TeamGoal;
use App\Queries\Reviews\Answers\TeamWeek;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;

/** Every goal of the quarter with its owner, where it stands, and what the owner says of it in the week. */
final readonly class TeamWeekPage
{
    /** From so many points on it is said that owner and forecast differ. */
    private const DIFFERS = 20;

    /** So many such goals are named. */
    private const LISTED = 3;

    public function __construct(
        private Workspace $workspace,
        private GoalRows $rows,
        private StoredPlans $plans,
        private AskedGoals $asked,
    ) {
    }

    public function of(Period $week, Person $viewer): TeamWeek
    {
        $today = $this->workspace->today();
        $asOf = $week->span->asOf($today);
        $goals = $this->asked->open($week)->visibleTo($viewer)->orderBy('id')->get()->keyBy('id');
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
            $viewer->isLead() ? $this->reviewed($week) : null,
            $viewer->isLead() ? $this->differing($rows, $viewer, $asOf) : [],
        );
    }

    /** @return list<string> names of those who finished their review of the week: that alone, never what it says */
    private function reviewed(Period $week): array
    {
        return array_values(
            Review::query()
                ->where('period', $week->name)
                ->whereNotNull('held_at')
                ->with('person')
                ->orderBy('held_at')
                ->get()
                ->map(static fn(Review $review): string => $review->person->name)
                ->all(),
        );
    }

    /**
     * Where owner and forecast differ most.
     *
     * @param list<TeamGoal> $rows
     *
     * @return list<Disagreement> the largest difference first
     */
    private function differing(array $rows, Person $viewer, Day $asOf): array
    {
        $said = array_filter($rows, static fn(TeamGoal $row): bool => $row->chance !== null && ! $row->goal->isClosed);
        $stored = $this->plans->beneath(array_values(array_map(static fn(TeamGoal $row): int => $row->goal->id, $said)), $viewer);
        $stored->prepare([$asOf], $asOf);
        $found = [];

        foreach ($said as $row) {
            $goal = $stored->goals()->get($row->goal->id);
            $computed = $goal === null ? null : $stored->forecast($goal, $asOf)?->percent();

            if ($computed !== null && abs($computed - (int) $row->chance) >= self::DIFFERS) {
                $found[] = new Disagreement($row->goal->id, $row->goal->title, $row->goal->owner->name, (int) $row->chance, $computed);
            }
        }

        usort($found, static fn(Disagreement $a, Disagreement $b): int => abs($b->said - $b->computed) <=> abs($a->said - $a->computed));

        return array_slice($found, 0, self::LISTED);
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
