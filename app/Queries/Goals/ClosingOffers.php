<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Record;
use App\Models\RecurringTaskContribution;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\Answers\ClosingOffer;
use App\Queries\Goals\Answers\GoalTag;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Choices;
use App\Queries\Plan\StoredPlan;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\ProposedResult;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Work\ProjectState;

/** What is proposed as goals are closed, and what would be left of them. */
final readonly class ClosingOffers
{
    public function __construct(private Workspace $workspace, private Choices $choices, private NextParent $nextParent)
    {
    }

    /**
     * @param iterable<array-key, Goal> $goals open ones of the plan
     *
     * @return array<int, ClosingOffer> by goal
     */
    public function of(iterable $goals, StoredPlan $stored, Person $viewer): array
    {
        $goals = collect($goals)->keyBy('id');
        $ids = $goals->keys()->all();
        $tasks = self::counted(Task::query()->visibleTo($viewer)->onLists()->whereIn('goal_id', $ids));
        $recurringTasks = self::counted(
            RecurringTaskContribution::query()
                ->current()
                ->whereIn('goal_id', $ids)
                ->whereHas('recurringTask', static fn(Builder $each) => $each->visibleTo($viewer)->whereNull('ended_on')),
        );
        $beneath = self::counted(Goal::query()->visibleTo($viewer)->whereNull('closed_on')->whereIn('parent_id', $ids), 'parent_id');
        $projects = $this->projects($ids, $viewer);
        $results = new ProposedResult($stored->rollup, $stored->plan);
        $offers = [];

        foreach ($goals as $id => $goal) {
            [$proposed, $because] = $this->proposed($goal, $stored, $results);
            $next = $this->workspace->upcoming($goal->period);
            $leaves = $this->leaves($goal, $next, $viewer);
            $offers[$id] = new ClosingOffer(
                proposed: $proposed,
                because: $because,
                isLateToStop: $results->isLateToStop($stored->core($goal), $this->workspace->today()),
                complete: $stored->figure($goal, $this->workspace->today())->isComplete($goal->measure)
                    ? ClosingOffer::COMPLETE
                    : null,
                next: $next->name,
                projects: $projects[$id] ?? [],
                tasks: $tasks[$id] ?? 0,
                recurringTasks: $recurringTasks[$id] ?? 0,
                beneath: $beneath[$id] ?? 0,
                leaves: $leaves,
                parents: $leaves === null ? [] : $this->parents($next, $viewer),
                parent: $leaves === null ? null : $this->nextParent->of($goal, $next, $viewer),
            );
        }

        return $offers;
    }

    /** @return array{?Result, ?string} the result, and why */
    private function proposed(Goal $goal, StoredPlan $stored, ProposedResult $results): array
    {
        $today = $this->workspace->today();
        $core = $stored->core($goal);
        $proposed = $results->of($core, $today);
        $seen = $core->period->span->asOf($today);
        $progress = $stored->rollup->progress($core, $seen);

        return [
            $proposed,
            $proposed === null
                ? null
                : ($progress === null ? 'Nothing was measured' : "{$progress->percent()}% was reached")." by {$seen->words($today)}.",
        ];
    }

    private function leaves(Goal $goal, Period $next, Person $viewer): ?GoalTag
    {
        $parent = $goal->parent;

        return $parent === null || ! $parent->isVisibleTo($viewer) || $this->workspace->calendar()->period($parent->period)->holds($next)
            ? null
            : GoalTag::of($parent);
    }

    /** @return list<Option> goals whose period holds the next one */
    private function parents(Period $next, Person $viewer): array
    {
        $calendar = $this->workspace->calendar();

        return array_values(
            array_filter(
                $this->choices->goals($viewer),
                static fn(Option $option): bool => $calendar->period((string) $option->group)->holds($next),
            ),
        );
    }

    /**
     * @param array<array-key, mixed> $goals ids
     *
     * @return array<int, list<string>> titles of the open projects that the viewer sees, by goal
     */
    private function projects(array $goals, Person $viewer): array
    {
        $titles = [];
        $links = Contribution::query()
            ->current()
            ->whereIn('goal_id', $goals)
            ->whereHas('project', static fn(Builder $project) => $project->visibleTo($viewer)->whereIn('state', ProjectState::OPEN))
            ->with('project')
            ->orderBy('id');

        foreach ($links->get() as $link) {
            $titles[$link->goal_id][] = $link->project->title;
        }

        return $titles;
    }

    /**
     * @param Builder<covariant Record> $records
     *
     * @return array<int, int> how many, by goal
     */
    private static function counted(Builder $records, string $by = 'goal_id'): array
    {
        $counts = [];

        foreach ($records->toBase()->groupBy($by)->selectRaw("$by as goal, count(*) as number")->get() as $row) {
            $counts[(int) $row->goal] = (int) $row->number;
        }

        return $counts;
    }
}
