<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Collection;
use App\Models\Entry;
use App\Models\Field;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Goals\Threads;
use App\Queries\Parts\Choices;
use App\Queries\Parts\Cord;
use App\Queries\Parts\Gauge;
use App\Queries\Parts\Option;
use App\Queries\Parts\PersonTag;
use App\Queries\Parts\TaskRow;
use Illuminate\Database\Eloquent\Collection as Records;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Band;
use Loftrin\Core\Work\ProjectState;

/** The register of all projects, a page at a time: what is stuck, behind or without a next step comes first. */
final readonly class RegisterPage
{
    private const PER_PAGE = 50;

    public function __construct(private Workspace $workspace, private StoredPlans $plans, private Choices $choices, private FoundProjects $found)
    {
    }

    public function of(Person $viewer, RegisterFilter $filter): Register
    {
        $threads = $this->plans->threads($viewer);
        $projects = $this->found->by($filter)->with(['owner', 'area', 'milestones', 'gatherings.collection', 'entries.field'])
            ->addSelect(['projects.*', 'changed_at' => Task::query()->selectRaw('max(changed_on)')->whereColumn('project_id', 'projects.id')])
            ->orderBy('projects.id')->get();
        $work = CountedWork::of($this->workspace, $projects);
        $sorted = $this->sorted($projects, $work, $filter, $threads);
        $pages = max(1, (int) ceil(count($sorted) / self::PER_PAGE));
        $shown = array_slice($sorted, (min($pages, $filter->page) - 1) * self::PER_PAGE, self::PER_PAGE);
        $work->lookAhead($shown);
        $counted = $filter->state === 'open' && ! $filter->isNarrow() ? $work : CountedWork::of($this->workspace, Project::query()->where('state', ProjectState::Active)->get());

        return new Register(
            $filter,
            $this->groups($shown, $work, $threads, $filter),
            count($sorted),
            $pages,
            Project::query()->where('state', ProjectState::Active)->count(),
            $counted->needy(),
            $this->activeBy(),
            $this->workspace->active_limit,
            $viewer->isLead(),
            PersonTag::all(),
            $this->choices->areas(),
            array_map(static fn(int|string $goal, Cord $cord): Option => new Option((string) $goal, "$cord->mark, $cord->title"), array_keys($threads->all()), $threads->all()),
            array_values(Collection::query()->orderBy('title')->get()->map(static fn(Collection $collection): Option => new Option((string) $collection->id, $collection->title))->all()),
            array_values(Field::query()->orderBy('name')->get()->map(static fn(Field $field): Option => new Option((string) $field->id, $field->name))->all()),
        );
    }

    /** Owner, area, milestones, collections and entries are loaded. */
    public function row(Project $project, ProjectWork $work, Threads $threads): RegisterRow
    {
        $next = $work->next($project);
        $today = $this->workspace->today();
        $milestone = $project->relationLoaded('milestones') ? $project->milestones->whereNull('reached_on')->first() : null;
        $changed = $project->getAttributes()['changed_at'] ?? null;

        return new RegisterRow(
            $project->id,
            $project->title,
            PersonTag::of($project->owner),
            $project->state,
            $project->state_on,
            $project->due_on,
            $threads->ofProject($project),
            Gauge::ofProject($project, $work->progress($project), $work->figure($project), $today),
            $work->open($project),
            $work->tasks($project),
            $project->status_line,
            $project->status_on,
            $work->isStuck($project),
            $work->isReady($project),
            $next === null ? null : TaskRow::of($next, $threads, $this->workspace),
            $milestone === null ? null : MilestoneRow::of($milestone, $today),
            is_string($changed) ? Day::of(substr($changed, 0, 10)) : null,
            $project->relationLoaded('gatherings') ? array_values($project->gatherings->map(static fn($link): string => $link->collection->title)->all()) : [],
            $project->relationLoaded('entries') ? array_values($project->entries->map(static fn(Entry $entry): string => "{$entry->field->name}: $entry->value")->all()) : [],
        );
    }

    /**
     * @param Records<int, Project> $projects
     *
     * @return list<Project>
     */
    private function sorted(Records $projects, CountedWork $work, RegisterFilter $filter, Threads $threads): array
    {
        $order = new RegisterOrder($work, $filter->sort);
        $needed = $projects->filter(static fn(Project $project): bool => match ($filter->need) {
            'stuck' => $work->isStuck($project),
            'ready' => $work->isReady($project),
            'behind' => in_array($work->figure($project)?->band, [Band::Behind, Band::FarBehind], true),
            default => true,
        });
        $places = $needed->mapWithKeys(fn(Project $project): array => [$project->id => [...$this->headingPlace($project, $threads, $filter), ...$order->place($project)]])->all();
        $list = array_values($needed->all());
        usort($list, static fn(Project $a, Project $b): int => $places[$a->id] <=> $places[$b->id]);

        return $list;
    }

    /**
     * @param list<Project> $projects
     *
     * @return list<RegisterGroup>
     */
    private function groups(array $projects, CountedWork $work, Threads $threads, RegisterFilter $filter): array
    {
        $groups = [];

        foreach ($projects as $project) {
            $groups[$this->heading($project, $threads, $filter)][] = $this->row($project, $work, $threads);
        }

        return array_map(static fn(string $heading, array $rows): RegisterGroup => new RegisterGroup($heading === '' ? null : $heading, $rows), array_map(strval(...), array_keys($groups)), array_values($groups));
    }

    private function heading(Project $project, Threads $threads, RegisterFilter $filter): string
    {
        return match ($filter->group) {
            'state' => match ($project->state) {
                ProjectState::Active => 'Active',
                ProjectState::Paused => 'Paused',
                ProjectState::Proposed => 'Proposed',
                ProjectState::Shelved => 'On the shelf',
                ProjectState::Done => 'Done',
                ProjectState::Dropped => 'Dropped',
            },
            'owner' => $project->owner->name,
            'area' => $project->area->name ?? 'No area',
            'thread' => $threads->ofProject($project)->title ?? 'No thread',
            'attention' => $project->attention === null ? 'Attention not said' : ucfirst($project->attention->value).' attention',
            'collection' => $project->gatherings->first()->collection->title ?? 'In no collection',
            default => '',
        };
    }

    /** Whether it stands under the heading of those of which nothing is said: that one comes last. */
    private function isUnsaid(Project $project, Threads $threads, RegisterFilter $filter): bool
    {
        return match ($filter->group) {
            'area' => $project->area === null,
            'thread' => $threads->ofProject($project) === null,
            'attention' => $project->attention === null,
            'collection' => $project->gatherings->isEmpty(),
            default => false,
        };
    }

    /** @return list<int|string> states in their own order, the other headings by name */
    private function headingPlace(Project $project, Threads $threads, RegisterFilter $filter): array
    {
        return $filter->group === 'state'
            ? [(int) array_search($project->state->value, ['active', 'paused', 'proposed', 'shelved', 'done', 'dropped'], true)]
            : [$this->isUnsaid($project, $threads, $filter) ? 1 : 0, $this->heading($project, $threads, $filter)];
    }

    /** @return list<ActiveCount> */
    private function activeBy(): array
    {
        $counts = Project::query()->where('state', ProjectState::Active)->toBase()->groupBy('owner_id')->selectRaw('owner_id, count(*) as projects')->orderByDesc('projects')->pluck('projects', 'owner_id');

        return array_values(Person::query()->whereKey($counts->keys())->get()->sortByDesc(static fn(Person $person) => $counts->get($person->id))
            ->map(fn(Person $person): ActiveCount => new ActiveCount(PersonTag::of($person), $count = is_numeric($counts->get($person->id)) ? (int) $counts->get($person->id) : 0, $this->workspace->active_limit !== null && $count > $this->workspace->active_limit))->all());
    }
}
