<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Goal;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\Record;
use App\Models\Series;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Direction\Answers\Shelf;
use App\Queries\Direction\Answers\ShelfRow;
use App\Queries\Parts\Answers\PersonTag;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Outcome;
use Loftrin\Core\Work\ProjectState;

/** What was put off on purpose: a person's own ideas and tasks, and the projects and goals that they may see. */
final readonly class ShelfPage
{
    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer): Shelf
    {
        $rows = $this->rows($viewer, null);
        usort(
            $rows,
            static fn(ShelfRow $a, ShelfRow $b): int => [$a->returnOn->number ?? PHP_INT_MAX, $a->since->number] <=> [
                $b->returnOn->number ?? PHP_INT_MAX,
                $b->since->number,
            ],
        );

        return new Shelf($rows);
    }

    /**
     * What is to be looked at by the end of a day, by whoever it belongs to.
     *
     * @return list<ShelfRow>
     */
    public function until(Person $viewer, Day $day): array
    {
        return $this->rows($viewer, $day);
    }

    /**
     * What is the person's own, is no jot, and has come to the day to look at it again.
     *
     * @return list<ShelfRow>
     */
    public function due(Person $viewer): array
    {
        return array_values(
            array_filter(
                $this->rows($viewer, $this->workspace->today()),
                static fn(ShelfRow $row): bool => $row->owner->id === $viewer->id &&
                    ! in_array($row->kind, [ShelfKind::Idea, ShelfKind::Issue], true),
            ),
        );
    }

    /**
     * The same, to be counted.
     *
     * @return array{tasks: Builder<Task>, projects: Builder<Project>, goals: Builder<Goal>}
     */
    public function isDue(Person $viewer): array
    {
        $today = (string) $this->workspace->today();

        return [
            'tasks' => $this->tasks($viewer)->where('return_on', '<=', $today),
            'projects' => $this->projects($viewer)->where('owner_id', $viewer->id)->where('return_on', '<=', $today),
            'goals' => $this->goals($viewer)->where('owner_id', $viewer->id)->where('return_on', '<=', $today),
        ];
    }

    /** @return list<ShelfRow> */
    private function rows(Person $viewer, ?Day $until): array
    {
        return [
            ...$this->ideas($viewer, $until),
            ...$this->shelvedGoals($viewer, $until),
            ...$this->shelvedProjects($viewer, $until),
            ...$this->shelvedIssues($viewer, $until),
            ...$this->shelvedTasks($viewer, $until),
        ];
    }

    /** @return Collection<int, ShelfRow> */
    private function ideas(Person $viewer, ?Day $until): Collection
    {
        $ideas = Jot::query()->where('person_id', $viewer->id)->whereNull('sorted_on')->whereNotNull('shelved_on');

        return self::soon($ideas, $until)
                ->with('person')
                ->get()
                ->map(
                    static fn(Jot $jot): ShelfRow => new ShelfRow(
                        kind: ShelfKind::Idea,
                        id: $jot->id,
                        title: $jot->words,
                        link: null,
                        owner: PersonTag::of($jot->person),
                        since: $jot->shelved_on ?? $jot->jotted_on,
                        returnOn: $jot->return_on,
                        mayChange: true,
                        returnAt: $jot->return_at,
                        rhythm: $jot->rhythm,
                    ),
                );
    }

    /** @return Collection<int, ShelfRow> */
    private function shelvedGoals(Person $viewer, ?Day $until): Collection
    {
        return self::soon($this->goals($viewer), $until)
                ->with(['owner', 'viewers.group.memberships'])
                ->get()
                ->map(
                    static fn(Goal $goal): ShelfRow => new ShelfRow(
                        kind: ShelfKind::Goal,
                        id: $goal->id,
                        title: $goal->title,
                        link: route('goals.show', $goal, false),
                        owner: PersonTag::of($goal->owner),
                        since: $goal->shelved_on ?? $goal->starts_on,
                        returnOn: $goal->return_on,
                        mayChange: Gate::forUser($viewer)->allows('update', $goal),
                    ),
                );
    }

    /** @return Collection<int, ShelfRow> */
    private function shelvedProjects(Person $viewer, ?Day $until): Collection
    {
        return self::soon($this->projects($viewer), $until)
                ->with(['owner', 'viewers.group.memberships'])
                ->get()
                ->map(
                    static fn(Project $project): ShelfRow => new ShelfRow(
                        kind: ShelfKind::Project,
                        id: $project->id,
                        title: $project->title,
                        link: route('projects.show', $project, false),
                        owner: PersonTag::of($project->owner),
                        since: $project->state_on,
                        returnOn: $project->return_on,
                        mayChange: Gate::forUser($viewer)->allows('update', $project),
                    ),
                );
    }

    /** @return Collection<int, ShelfRow> */
    private function shelvedIssues(Person $viewer, ?Day $until): Collection
    {
        return self::soon($this->issues($viewer), $until)
                ->with(['raisedBy', 'series'])
                ->get()
                ->map(
                    static fn(Issue $issue): ShelfRow => new ShelfRow(
                        kind: ShelfKind::Issue,
                        id: $issue->id,
                        title: $issue->title,
                        link: route('issues.show', $issue, false),
                        owner: PersonTag::of($issue->raisedBy),
                        since: $issue->settled_on ?? $issue->raised_on,
                        returnOn: $issue->return_on,
                        mayChange: Gate::forUser($viewer)->allows('update', $issue),
                    ),
                );
    }

    /** @return Collection<int, ShelfRow> */
    private function shelvedTasks(Person $viewer, ?Day $until): Collection
    {
        return self::soon($this->tasks($viewer), $until)
                ->with('owner')
                ->get()
                ->map(
                    static fn(Task $task): ShelfRow => new ShelfRow(
                        kind: ShelfKind::Task,
                        id: $task->id,
                        title: $task->title,
                        link: route('tasks.show', $task, false),
                        owner: PersonTag::of($task->owner),
                        since: $task->shelved_on ?? $task->created_on,
                        returnOn: $task->return_on,
                        mayChange: true,
                    ),
                );
    }

    /**
     * @template T of Record
     *
     * @param Builder<T> $query
     *
     * @return Builder<T>
     */
    private static function soon(Builder $query, ?Day $until): Builder
    {
        return $query->when($until !== null, static fn(Builder $due) => $due->where('return_on', '<=', (string) $until))->orderBy('id');
    }

    /** @return Builder<Task> */
    private function tasks(Person $viewer): Builder
    {
        return Task::query()->where('owner_id', $viewer->id)->whereNotNull('shelved_on')->whereNull('done_on')->whereNull('dropped_on');
    }

    /** @return Builder<Issue> of meetings that the viewer may know of */
    private function issues(Person $viewer): Builder
    {
        return Issue::query()
            ->where('outcome', Outcome::Shelved)
            ->whereIn('series_id', Series::query()->visibleTo($viewer)->select('id'));
    }

    /** @return Builder<Project> */
    private function projects(Person $viewer): Builder
    {
        return Project::query()->visibleTo($viewer)->where('state', ProjectState::Shelved);
    }

    /** @return Builder<Goal> */
    private function goals(Person $viewer): Builder
    {
        return Goal::query()->visibleTo($viewer)->whereNotNull('shelved_on');
    }
}
