<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Goals\Threads;
use App\Queries\Parts\Answers\Cord;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use App\Queries\Projects\Answers\ActiveCount;
use App\Queries\Projects\Answers\Register;
use App\Queries\Projects\Answers\RegisterFilter;
use App\Queries\Projects\Answers\RegisterGroup;
use App\Queries\Projects\Answers\RegisterRow;
use App\Store\Remembered;
use Loftrin\Core\Goals\Forecast;

/** The register of all projects, a page at a time: what is stuck, behind or without a next step comes first. */
final readonly class RegisterPage
{
    private const PER_PAGE = 50;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private Choices $choices,
        private RegisterLines $lines,
        private WorkCounts $counts,
        private Everybody $everybody,
        private Remembered $remembered,
    ) {
    }

    /** Kept until anything is changed, unless something was typed, which is seldom asked for again. */
    public function of(Person $viewer, RegisterFilter $filter): Register
    {
        $work = fn(): Register => $this->workOut($viewer, $filter);

        return $filter->isTyped()
            ? $work()
            : $this->remembered->of("a page of the register for $viewer->id, ".json_encode($filter, JSON_THROW_ON_ERROR), $work);
    }

    private function workOut(Person $viewer, RegisterFilter $filter): Register
    {
        $threads = $this->plans->threads($viewer);
        $active = $this->counts->ofActive($viewer);
        $lines = $this->lines->of($filter, $active, $threads, $viewer);
        $pages = max(1, (int) ceil(count($lines) / self::PER_PAGE));

        return new Register(
            filter: $filter,
            groups: $this->groups(
                array_slice($lines, (min($pages, $filter->page) - 1) * self::PER_PAGE, self::PER_PAGE),
                $active,
                $threads,
            ),
            total: count(array_unique(array_column($lines, 0))),
            pages: $pages,
            active: array_sum($active->byOwner()),
            needy: $active->needy(),
            activeBy: $this->activeBy($active),
            limit: $this->workspace->active_limit,
            mayLimit: $viewer->isLead(),
            people: PersonTag::all(),
            areas: $this->choices->areas(),
            threads: array_map(
                static fn(int|string $goal, Cord $cord): Option => new Option((string) $goal, "$cord->mark, $cord->title"),
                array_keys($threads->all()),
                $threads->all(),
            ),
            collections: $this->choices->collections(),
            fields: $this->choices->fields(),
        );
    }

    public function row(ListedProject $project, ProjectWork $work, Threads $threads, ?Forecast $forecast = null): RegisterRow
    {
        $next = $work->next($project->id);
        $today = $this->workspace->today();

        return new RegisterRow(
            id: $project->id,
            title: $project->title,
            owner: PersonTag::of($project->owner),
            state: $project->state,
            stateOn: $project->stateOn,
            dueOn: $project->dueOn,
            cord: $threads->ofProject($project->id),
            gauge: Gauge::ofProject($project->id, $work->progress($project->id), $work->figure($project->id), $today, $forecast),
            open: $work->open($project->id),
            tasks: $work->tasks($project->id),
            statusLine: $project->statusLine,
            statusOn: $project->statusOn,
            isStuck: $work->isStuck($project->id),
            isReady: $work->isReady($project->id),
            nextStep: $next === null ? null : TaskRow::ofListed($next, $threads, $this->workspace),
            milestone: $project->milestone,
            changedOn: $project->changedOn,
            collections: $project->collections,
            entries: $project->entries,
            isPrivate: $project->isHidden,
        );
    }

    /**
     * @param list<array{int, string}> $lines projects with their headings, in their order
     *
     * @return list<RegisterGroup>
     */
    private function groups(array $lines, CountedWork $active, Threads $threads): array
    {
        $ids = array_values(array_unique(array_column($lines, 0)));
        $work = array_filter($ids, static fn(int $id): bool => ! $active->has($id)) === [] ? $active : $this->counts->of($ids);
        $work->lookAhead($ids);
        $projects = ListedProject::whole($ids, $this->workspace->today());
        $groups = [];

        foreach ($lines as [$id, $heading]) {
            $groups[$heading][] = $this->row($projects[$id], $work, $threads);
        }

        return array_map(
            static fn(string $heading, array $rows): RegisterGroup => new RegisterGroup($heading === '' ? null : $heading, $rows),
            array_map(strval(...), array_keys($groups)),
            array_values($groups),
        );
    }

    /** @return list<ActiveCount> */
    private function activeBy(CountedWork $active): array
    {
        $people = $this->everybody->all();
        $limit = $this->workspace->active_limit;
        $counts = $active->byOwner();

        return array_map(
            static fn(int $owner, int $count): ActiveCount => new ActiveCount(
                PersonTag::of($people->findOrFail($owner)),
                $count,
                $limit !== null && $count > $limit,
            ),
            array_keys($counts),
            $counts,
        );
    }
}
