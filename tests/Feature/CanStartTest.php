<?php

declare(strict_types=1);

use App\Models\Dependency;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\CoreRecords;
use App\Queries\Projects\ProjectFacts;
use App\Queries\Projects\StoredWork;
use App\Queries\Projects\WorkCounts;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Doable;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\ProjectCondition;
use Loftrin\Core\Work\Task as CoreTask;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Made;

/** Small projects of every state and order, some of them not there yet, whose tasks depend on each other across projects. */
function scatterWork(Person $owner, Randomizer $chance): void
{
    $pick = static fn(mixed ...$from): mixed => $from[$chance->getInt(0, count($from) - 1)];
    $projects = [];

    for ($number = 0; $number < 24; $number++) {
        $projects[] = Made::project($owner, [], $pick([], ['First', 'Second'], ['First', 'Second', 'Third']), [
            'title' => "Project $number",
            'state' => $pick('active', 'active', 'active', 'active', 'paused', 'proposed', 'shelved', 'dropped', 'done'),
            'order' => $pick('any', 'staged'),
            'created_on' => $pick(null, '2027-01-04', '2027-01-04', '2027-02-10', '2027-02-11'),
            'starts_on' => $pick(null, null, '2027-02-10', '2027-02-11'),
        ]);
    }

    $tasks = [];

    for ($number = 0; $number < 90; $number++) {
        $project = $pick(null, ...$projects);
        $tasks[] = Made::task($owner, [
            'title' => "Task $number",
            'project_id' => $project?->id,
            'stage_id' => $pick(null, ...($project?->stages->pluck('id')->all() ?? [])),
            'created_on' => $pick('2027-01-04', '2027-01-04', '2027-02-10', '2027-02-11'),
            'done_on' => $pick(null, null, null, null, '2027-02-05', '2027-02-10'),
            'dropped_on' => $pick(null, null, null, null, null, '2027-02-05'),
            'shelved_on' => $pick(null, null, null, null, null, '2027-02-05'),
            'waiting_on' => $pick(null, null, null, 'Kirkwall'),
        ]);
    }

    foreach ($tasks as $at => $task) {
        if ($at > 0 && $chance->getInt(1, 3) === 1) {
            Dependency::query()->create(['task_id' => $task->id, 'after_id' => $tasks[$chance->getInt(0, $at - 1)]->id]);
        }
    }
}

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->core = static function (): Doable {
        $tasks = Task::query()
            ->with(CoreRecords::TASK)
            ->get()
            ->map(CoreRecords::task(...))
            ->all();

        return new Doable(
            Project::query()
                ->with(['stages', 'contributions'])
                ->get()
                ->mapWithKeys(static fn(Project $project): array => [(string) $project->id => CoreRecords::project($project)])
                ->all(),
            array_values($tasks),
            Day::of(Made::TODAY),
        );
    };
});

it('says in SQL what the core says', function (int $seed): void {
    scatterWork($this->noor, new Randomizer(new Mt19937($seed)));
    $core = ($this->core)();
    $projects = Project::query()->orderBy('id')->get();
    $today = Day::of(Made::TODAY);
    $now = array_map(static fn(CoreTask $task): int => (int) $task->id, $core->now());
    sort($now);
    expect(Task::query()->canStart($today)->orderBy('id')->pluck('id')->all())
        ->toBe($now)
        ->and($now)
        ->not->toBe([]);

    $counted = app(WorkCounts::class)->of($projects->modelKeys());
    $workspace = app(Workspace::class);

    foreach ($projects as $project) {
        $lives = $project->tasks()->get()->map(
            static fn(Task $task): Lifetime => new Lifetime($task->created_on, $task->done_on, $task->dropped_on, $task->shelved_on),
        );
        $first = $project->tasks()->whereKey($now)->orderBy('position')->orderBy('id')->first();
        $facts = static fn(?ProjectFacts $facts): array => [
            $facts?->condition,
            $facts?->tasks,
            $facts?->open,
            $facts?->next,
            $facts?->progress?->rounded(),
        ];
        $whole = $facts(StoredWork::of($workspace, $project)->facts);

        expect(array_slice($whole, 0, 4))->toBe([
            $core->conditionOf(CoreRecords::project($project->load(['stages', 'contributions']))),
            $lives->filter(static fn(Lifetime $life): bool => $life->isInScopeOn($today))->count(),
            $lives->filter(static fn(Lifetime $life): bool => $life->isOpenOn($today))->count(),
            $first?->id,
        ]);
        expect($facts($counted->of($project->id)))->toBe($whole, "project $project->id");
    }
})->with(range(1, 12));

it('meets every condition of a project in those workspaces', function (): void {
    $met = [];

    foreach (range(1, 12) as $seed) {
        scatterWork($this->noor, new Randomizer(new Mt19937($seed)));
    }

    $core = ($this->core)();

    foreach (Project::query()->with(['stages', 'contributions'])->get() as $project) {
        $met[] = $core->conditionOf(CoreRecords::project($project))->value ?? 'none';
    }

    expect(array_count_values($met))->toHaveKeys([...array_column(ProjectCondition::cases(), 'value'), 'none']);
});

it('says what is in the way of a task exactly where something is', function (int $seed): void {
    scatterWork($this->noor, new Randomizer(new Mt19937($seed)));
    $startable = Task::query()->canStart(Day::of(Made::TODAY))->pluck('id')->all();
    $open = static fn() => Task::query()
        ->open()
        ->where('created_on', '<=', Made::TODAY)
        ->whereNull('waiting_on')
        ->where(
            static fn($either) => $either->whereNull('project_id')->orWhereHas(
                'project',
                static fn($project) => $project
                    ->where('state', 'active')
                    ->where(static fn($there) => $there->whereNull('created_on')->orWhere('created_on', '<=', Made::TODAY)),
            ),
        )
        ->orderBy('id');

    foreach (ListedTask::all($open()) as $task) {
        expect($task->afterTitle === null && $task->afterStage === null)->toBe(in_array($task->id, $startable, true), $task->title);
    }
})->with([13, 14, 15]);
