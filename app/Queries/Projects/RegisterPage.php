<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Workspace;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Queries\Projects\Answers\ActiveCount;
use App\Queries\Projects\Answers\Register;
use App\Queries\Projects\Answers\RegisterFilter;
use App\Queries\Projects\Answers\RegisterGroup;
use App\Store\Question;
use App\Store\Remembered;

/** The register of all projects, a page at a time: what is stuck, behind or without a next step comes first. */
final readonly class RegisterPage
{
    private const PER_PAGE = 50;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private Choices $choices,
        private RegisterLines $lines,
        private RegisterRows $rows,
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
            : $this->remembered->of(Question::by($viewer, 'register', json_encode($filter, JSON_THROW_ON_ERROR)), $work);
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
            total: count(array_column(array_column($lines, 0), null, 'id')),
            pages: $pages,
            active: array_sum($active->byOwner()),
            needy: $active->in(),
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

    /**
     * @param list<array{ListedProject, string}> $lines projects with their headings, in their order
     *
     * @return list<RegisterGroup>
     */
    private function groups(array $lines, CountedWork $active, Threads $threads): array
    {
        $projects = array_column(array_column($lines, 0), null, 'id');
        $uncounted = array_filter($projects, static fn(ListedProject $project): bool => $active->of($project->id) === null);
        $rows = $this->rows->of($projects, $uncounted === [] ? $active : $this->counts->of(array_keys($projects)), $threads);
        $groups = [];

        foreach ($lines as [$project, $heading]) {
            $groups[$heading][] = $rows[$project->id];
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
