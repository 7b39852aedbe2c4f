<?php

declare(strict_types=1);

use App\Models\Dependency;
use App\Models\Milestone;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\Step;
use App\Models\Task;
use App\Models\Template;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->mei);
    $this->fields = fn(array $tasks, array $more = []): array => [
        'title' => 'Harbour demo',
        'days' => 21,
        'order' => 'staged',
        'weighing' => 'count',
        'stages' => ['Before', 'After'],
        'tasks' => $tasks,
        ...$more,
    ];
    $this->task = fn(string $title, array $more = []): array => [
        'id' => null,
        'title' => $title,
        'stage' => 'Before',
        'role' => 'Crew',
        'day' => 3,
        'minutes' => 60,
        'steps' => [],
        ...$more,
    ];
    $this->template = function (int $count = 25): Template {
        $tasks = array_map(
            fn(int $number): array => ($this->task)(
                "Task $number",
                $number === 1 ? ['steps' => [['id' => null, 'title' => 'Charge', 'howTo' => '**Overnight**<script>x</script>']]] : [],
            ),
            range(1, $count),
        );
        $this->post('/templates', ($this->fields)($tasks))->assertSessionHasNoErrors();

        return Template::query()->firstOrFail();
    };
    $this->begin = function (Template $template, string $title): Project {
        $this->post("/templates/$template->id/start", [
            'title' => $title,
            'start' => '2027-02-10',
            'roles' => ['Crew' => $this->elif->id],
        ])->assertSessionHasNoErrors();

        return Project::query()->where('title', $title)->firstOrFail();
    };
});

it('starts a project with owners for its roles and dates from its start', function (): void {
    $template = ($this->template)(2);
    $this->put(
        "/templates/$template->id",
        ($this->fields)([
            ...array_map(fn($task) => ['id' => $task['id']] + $task, $this->props("/templates/$template->id")['page']['template']['tasks']),
            ($this->task)('By the owner', ['role' => null, 'day' => null, 'stage' => 'After']),
        ]),
    )->assertSessionHasNoErrors();
    $project = ($this->begin)($template, 'Ostend');
    $tasks = $project
        ->tasks()
        ->with(['stage', 'steps'])
        ->get();

    expect((string) $project->due_on)
        ->toBe('2027-03-03')
        ->and(
            $tasks
                ->map(
                    fn(Task $task): array => [
                        $task->title,
                        $task->stage?->name,
                        $task->owner_id,
                        $task->due_on === null ? null : (string) $task->due_on,
                        $task->planned,
                    ],
                )
                ->all(),
        )
        ->toBe([
            ['Task 1', 'Before', $this->elif->id, '2027-02-15', '2027-W07'],
            ['Task 2', 'Before', $this->elif->id, '2027-02-15', '2027-W07'],
            ['By the owner', 'After', $this->mei->id, null, null],
        ])
        ->and($this->props('/tasks/'.$tasks->first()->id)['page']['steps'][0])
        ->toMatchArray(['title' => 'Charge', 'howTo' => "<p><strong>Overnight</strong>&lt;script&gt;x&lt;/script&gt;</p>\n"]);
});

it('shows beforehand what it puts on people', function (): void {
    $template = ($this->template)(3);
    Made::task($this->elif, ['planned' => '2027-W07', 'minutes' => 2300]);
    $page = $this->props("/templates/$template->id/start?start=2027-02-10&roles[Crew]={$this->elif->id}")['page'];

    expect($page['roles'])
        ->toBe([['role' => 'Crew', 'tasks' => 3, 'person' => $this->elif->id]])
        ->and($page['loads'])
        ->toHaveCount(1)
        ->and($page['loads'][0]['weeks'])
        ->toBe([['week' => '2027-W07', 'planned' => 2310, 'added' => 180, 'available' => 2400, 'isOver' => true]]);
});

it('brings a change of 25 tasks to five running projects, each taking what it wants', function (): void {
    $template = ($this->template)();
    $projects = array_map(fn(int $number): Project => ($this->begin)($template, "Harbour $number"), range(1, 5));
    $done = $projects[0]->tasks()->get()[1];
    $this->put("/tasks/$done->id/tick", ['done' => true]);

    $tasks = $this->props("/templates/$template->id")['page']['template']['tasks'];
    [$renamed, $slower, $gone] = $tasks;
    $tasks[0]['title'] = 'Ask the harbour';
    $tasks[0]['steps'][] = ['id' => null, 'title' => 'Rinse', 'howTo' => ''];
    $tasks[1]['minutes'] = 90;
    $tasks[1]['day'] = 5;
    unset($tasks[2]);
    $tasks[] = ($this->task)('Say thanks', ['stage' => 'After']);
    $this->put("/templates/$template->id", ($this->fields)(array_values($tasks)))->assertSessionHasNoErrors();

    $made = $this->props("/templates/$template->id")['page']['projects'];
    expect($made)
        ->toHaveCount(5)
        ->and(array_column($made[0]['changes'], 'words'))
        ->toBe(['was “Task 1”, + Rinse', 'day 3 → 5, 60 → 90 min', 'new', 'gone'])
        ->and(array_column($made[0]['changes'], 'isOver'))
        ->toBe([false, true, false, false])
        ->and($this->props('/templates')['page']['templates'][0])
        ->toMatchArray(['running' => 5, 'behind' => 5]);

    $all = array_column($made[0]['changes'], 'id');
    $this->put("/projects/{$projects[0]->id}/template", ['tasks' => $all])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    $this->put("/projects/{$projects[1]->id}/template", ['tasks' => []])->assertSessionHasNoErrors();
    $this->put("/projects/{$projects[2]->id}/template", ['tasks' => [$renamed['id']]])->assertSessionHasNoErrors();

    $first = $projects[0]->tasks()->with('steps')->get()->keyBy('title');
    expect($first['Ask the harbour']->steps->pluck('title')->all())
        ->toBe(['Charge', 'Rinse'])
        ->and($first['Task 2']->minutes)
        ->toBe(60)
        ->and((string) $first['Task 3']->dropped_on)
        ->toBe(Made::TODAY)
        ->and($first['Say thanks']->owner_id)
        ->toBe($this->elif->id)
        ->and($projects[1]->tasks()->pluck('title')->all())
        ->toContain('Task 1')
        ->not->toContain('Say thanks')
        ->and($projects[2]->tasks()->pluck('title')->all())
        ->toContain('Ask the harbour')
        ->not->toContain('Say thanks')
        ->and($this->props('/templates')['page']['templates'][0]['behind'])
        ->toBe(2);

    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect($projects[0]->tasks()->pluck('title')->all())
        ->toContain('Task 1')
        ->not->toContain('Say thanks')
        ->and($this->props('/templates')['page']['templates'][0]['behind'])
        ->toBe(3);
});

it('gives a template back whole when its change is undone', function (): void {
    $template = ($this->template)(2);
    $before = $this->props("/templates/$template->id")['page']['template'];
    $this->put(
        "/templates/$template->id",
        ($this->fields)([($this->task)('Only this', ['stage' => null])], ['stages' => []]),
    )->assertSessionHasNoErrors();
    $this->post('/undo/'.session('change')['batch'])->assertSessionHasNoErrors();

    expect($this->props("/templates/$template->id")['page']['template'])->toBe($before);
});

it('makes a template of a project, with roles for those who helped', function (): void {
    $project = Made::project($this->mei, [], ['Before', 'After'], ['starts_on' => '2027-01-04', 'due_on' => '2027-01-25']);
    $mine = Made::task($this->mei, [
        'project_id' => $project->id,
        'title' => 'Mine',
        'stage_id' => $project->stages[0]->id,
        'due_on' => '2027-01-08',
    ]);
    Step::query()->create(['task_id' => $mine->id, 'position' => 1, 'title' => 'Ask']);
    Made::task($this->elif, ['project_id' => $project->id, 'title' => 'Theirs', 'minutes' => 30]);
    $this->post("/projects/$project->id/template")->assertSessionHasNoErrors();

    expect($this->props('/templates/1')['page']['template'])
        ->toMatchArray(['title' => 'Moorings Orkney', 'days' => '21', 'stages' => ['Before', 'After']])
        ->and(
            array_map(
                fn(array $task): array => [
                    $task['title'],
                    $task['stage'],
                    $task['role'],
                    $task['day'],
                    $task['minutes'],
                    array_column($task['steps'], 'title'),
                ],
                $this->props('/templates/1')['page']['template']['tasks'],
            ),
        )
        ->toBe([['Mine', 'Before', '', '4', '', ['Ask']], ['Theirs', '', 'Role 1', '', '30', []]]);
});

it('refuses a template that cannot be', function (array $more, string $field): void {
    $this->post('/templates', ($this->fields)([($this->task)('Survey')], $more))->assertSessionHasErrors($field);
    expect(Template::query()->count())->toBe(0);
})->with([
    [['title' => ''], 'title'],
    [['stages' => ['Before', 'Before']], 'stages.0'],
    [['stages' => ['After']], 'tasks.0.stage'],
    [['days' => -1], 'days'],
    [['milestones' => [['title' => '', 'day' => 1]]], 'milestones.0.title'],
    [['milestones' => [['title' => 'x', 'day' => 99999]]], 'milestones.0.day'],
    [['stages' => ['Before'], 'lastIsDone' => true], 'lastIsDone'],
    [['stages' => ['After', 'Before'], 'lastIsDone' => true], 'tasks.0.stage'],
]);

it('lets only its owner and the leads take a change into a project', function (): void {
    $project = ($this->begin)(($this->template)(1), 'Ostend');
    $this->actingAs($this->elif)
        ->put("/projects/$project->id/template", ['tasks' => []])
        ->assertForbidden();
});

/** A project of 26 tasks in three stages of which the last means done, half of it done. */
function halfDone(Person $owner, Person $helper): Project
{
    $project = Made::project($owner, [], ['Prepare', 'At sea', 'Done'], [
        'starts_on' => '2027-01-04',
        'due_on' => '2027-03-01',
        'last_is_done' => true,
        'order' => 'staged',
    ]);
    [$prepare, $sea, $last] = $project->stages->pluck('id')->all();
    $tasks = [];

    foreach (range(1, 26) as $number) {
        $stage = $number <= 10 ? $prepare : $sea;
        $tasks[$number] = Made::task($number % 3 === 0 ? $helper : $owner, [
            'project_id' => $project->id,
            'title' => "Task $number",
            'position' => 1000 * (27 - $number),
            'due_on' => $number % 2 === 0 ? '2027-01-14' : null,
            ...$number <= 13
                ? ['done_on' => '2027-01-20', 'stage_id' => $last, 'stage_before_id' => $stage]
                : ['stage_id' => $stage],
        ]);
    }

    foreach ([[2, 1], [14, 13], [26, 25]] as [$task, $after]) {
        Dependency::query()->create(['task_id' => $tasks[$task]->id, 'after_id' => $tasks[$after]->id]);
    }

    $tasks[5]->update(['dropped_on' => '2027-01-06', 'done_on' => null]);
    Made::task($owner, ['project_id' => $project->id, 'title' => 'Each week', 'recurring_task_id' => weekly($owner)->id]);
    Milestone::query()->create([
        'project_id' => $project->id,
        'title' => 'First buoy out',
        'on' => '2027-01-25',
        'reached_on' => '2027-01-26',
    ]);

    return $project;
}

function weekly(Person $owner): RecurringTask
{
    return RecurringTask::query()->create([
        'title' => 'Each week',
        'kind' => 'task',
        'owner_id' => $owner->id,
        'words' => 'every week',
        'rule' => 'FREQ=WEEKLY',
        'starts_on' => Made::TODAY,
    ]);
}

it('makes a template of a half-done project as it was planned, and five projects like it', function (): void {
    $project = halfDone($this->mei, $this->elif);
    $this->post("/projects/$project->id/template")->assertSessionHasNoErrors();
    $template = $this->props('/templates/1')['page']['template'];
    $titles = array_column($template['tasks'], 'title', 'key');

    expect($template)
        ->toMatchArray(['stages' => ['Prepare', 'At sea', 'Done'], 'lastIsDone' => true, 'order' => 'staged'])
        ->and($template['milestones'])
        ->toMatchArray([['id' => 1, 'title' => 'First buoy out', 'day' => '21']])
        ->and(array_values($titles))
        ->toBe(array_map(fn(int $number): string => "Task $number", array_values(array_diff(range(26, 1), [5]))))
        ->and(array_count_values(array_column($template['tasks'], 'stage')))
        ->toBe(['At sea' => 16, 'Prepare' => 9])
        ->and(
            array_map(
                fn(array $task): array => [$task['title'], array_map(fn(string $key): string => $titles[$key], $task['after'])],
                array_values(array_filter($template['tasks'], fn(array $task): bool => $task['after'] !== [])),
            ),
        )
        ->toBe([['Task 26', ['Task 25']], ['Task 14', ['Task 13']], ['Task 2', ['Task 1']]]);

    foreach (range(1, 5) as $number) {
        $made = ($this->begin)(Template::query()->firstOrFail(), "Harbour $number");
        $tasks = $made->tasks()->with(['stage', 'dependencies'])->get();
        expect($made->last_is_done)
            ->toBeTrue()
            ->and($tasks->pluck('title')->all())
            ->toBe(array_values($titles))
            ->and($tasks->map(fn(Task $task): ?string => $task->stage?->name)->countBy()->all())
            ->toBe(['At sea' => 16, 'Prepare' => 9])
            ->and($tasks->firstWhere('title', 'Task 26')->dependencies->pluck('after_id')->all())
            ->toBe([$tasks->firstWhere('title', 'Task 25')->id])
            ->and((string) $made->milestones()->firstOrFail()->on)
            ->toBe('2027-03-03');
    }
});

it('lets three projects take a change at once and the fourth later, and says that it differs until then', function (): void {
    $template = ($this->template)(3);
    $projects = array_map(fn(int $number): Project => ($this->begin)($template, "Harbour $number"), range(1, 4));
    $tasks = $this->props("/templates/$template->id")['page']['template']['tasks'];
    $tasks[0]['title'] = 'Ask the harbour';
    $tasks[2]['after'] = [$tasks[0]['key']];
    $this->put("/templates/$template->id", ($this->fields)($tasks))->assertSessionHasNoErrors();
    $ids = [$tasks[0]['id'], $tasks[2]['id']];
    $made = fn(int $number): array => collect($this->props("/templates/$template->id")['page']['projects'])->firstWhere(
        'id',
        $projects[$number]->id,
    );
    expect(array_column($made(3)['changes'], 'words'))->toBe(['was “Task 1”', 'depends on “Ask the harbour”']);

    foreach ([0, 1, 2] as $number) {
        $this->put("/projects/{$projects[$number]->id}/template", ['tasks' => $ids])->assertSessionHasNoErrors();
        expect($made($number)['changes'])->toBe([]);
    }

    $this->put("/projects/{$projects[3]->id}/template", ['tasks' => []])->assertSessionHasNoErrors();
    $page = fn(): array => $this->props("/projects/{$projects[3]->id}")['page'];
    expect($page()['template'])
        ->toMatchArray(['changes' => 0, 'left' => 2])
        ->and(array_column($made(3)['changes'], 'isLeft'))
        ->toBe([true, true])
        ->and($this->props('/templates')['page']['templates'][0]['behind'])
        ->toBe(0);

    // What changes once more is asked about once more.
    $tasks[0]['title'] = 'Ask the harbour master';
    $this->put("/templates/$template->id", ($this->fields)($tasks))->assertSessionHasNoErrors();
    expect($page()['template'])->toMatchArray(['changes' => 1, 'left' => 1]);

    $this->put("/projects/{$projects[3]->id}/template", ['tasks' => $ids])->assertSessionHasNoErrors();
    $first = $projects[3]->tasks()->with('dependencies')->get()->keyBy('title');
    expect($page()['template'])
        ->toMatchArray(['changes' => 0, 'left' => 0])
        ->and($first->keys()->all())
        ->toBe(['Ask the harbour master', 'Task 2', 'Task 3'])
        ->and($first['Task 3']->dependencies->pluck('after_id')->all())
        ->toBe([$first['Ask the harbour master']->id]);

    // Undone, it is left as before; the dependency of one's own stays throughout.
    $this->post('/undo')->assertSessionHasNoErrors();
    expect($page()['template'])->toMatchArray(['changes' => 1, 'left' => 1]);
});

it('says of what is gone from the template that it was begun here', function (): void {
    $template = ($this->template)(4);
    $project = ($this->begin)($template, 'Ostend');
    [$stepped, $running, $talked] = $project->tasks()->with('steps')->get()->all();
    Step::query()->create(['task_id' => $stepped->id, 'position' => 2, 'title' => 'Load']);
    $this->put("/steps/{$stepped->steps[0]->id}/tick", ['done' => true])->assertStatus(303);
    $this->put("/tasks/$running->id", ['in_progress' => true])->assertSessionHasNoErrors();
    $this->post("/tasks/$talked->id/comments", ['words' => 'Low water only.'])->assertSessionHasNoErrors();
    $this->put("/templates/$template->id", ($this->fields)([]))->assertSessionHasNoErrors();

    expect(array_column($this->props("/templates/$template->id")['page']['projects'][0]['changes'], 'begun'))->toBe([
        '1 of 2 steps done',
        'in progress',
        '1 comment or file',
        null,
    ]);
});

it('keeps an order that people gave a project, and refuses one that would wait for itself', function (): void {
    $template = ($this->template)(3);
    $project = ($this->begin)($template, 'Ostend');
    [$one, $two, $three] = $project->tasks()->get()->all();
    $this->put("/tasks/$one->id/after", ['after' => [$three->id]])->assertSessionHasNoErrors();
    $tasks = $this->props("/templates/$template->id")['page']['template']['tasks'];
    $tasks[2]['after'] = [$tasks[0]['key']];
    $this->put("/templates/$template->id", ($this->fields)($tasks))->assertSessionHasNoErrors();
    $this->put("/projects/$project->id/template", ['tasks' => [$tasks[2]['id']]])->assertSessionHasErrors('after');
    expect($three->dependencies()->count())->toBe(0);

    $tasks[2]['after'] = [$tasks[2]['key']];
    $this->put("/templates/$template->id", ($this->fields)($tasks))->assertSessionHasErrors('tasks');
    $tasks[2]['after'] = [$tasks[1]['key'], 'gone'];
    $tasks[1]['after'] = [$tasks[2]['key']];
    $this->put("/templates/$template->id", ($this->fields)($tasks))->assertSessionHasErrors('tasks');
});

it('keeps the order in which the tasks of a template were put, and what they depend on, whatever is deleted', function (): void {
    $template = ($this->template)(3);
    $tasks = $this->props("/templates/$template->id")['page']['template']['tasks'];
    $tasks[0]['after'] = [$tasks[2]['key']];
    $new = ($this->task)('Say thanks', ['key' => 'new', 'after' => [$tasks[0]['key'], $tasks[2]['key']]]);
    $this->put("/templates/$template->id", ($this->fields)([$tasks[2], $new, $tasks[0]]))->assertSessionHasNoErrors();
    $there = $this->props("/templates/$template->id")['page']['template']['tasks'];
    expect(array_column($there, 'title'))
        ->toBe(['Task 3', 'Say thanks', 'Task 1'])
        ->and($there[1]['after'])
        ->toBe([$tasks[0]['key'], $tasks[2]['key']]);

    $this->put("/templates/$template->id", ($this->fields)([$there[1], $there[2]]))->assertSessionHasNoErrors();
    expect($this->props("/templates/$template->id")['page']['template']['tasks'][0]['after'])->toBe([$tasks[0]['key']]);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect($this->props("/templates/$template->id")['page']['template']['tasks'])->toEqual($there);
});

it('ends, however a template changes and whatever a project takes of it, with all taken and nothing left', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $template = ($this->template)(6);
    $project = ($this->begin)($template, 'Ostend');
    $changes = fn(): array => $this->props("/templates/$template->id")['page']['projects'][0]['changes'];

    foreach (range(1, 5) as $round) {
        $tasks = $this->props("/templates/$template->id")['page']['template']['tasks'];

        foreach ($tasks as $place => $task) {
            match ($chance->getInt(0, 6)) {
                0 => $tasks[$place]['title'] = "Task $place of round $round",
                1 => $tasks[$place]['minutes'] = (string) (10 * $chance->getInt(1, 9)),
                2 => $tasks[$place]['stage'] = 'After',
                // Only on what stands before it: no loop.
                3 => $tasks[$place]['after'] = $place === 0 ? [] : [$tasks[$chance->getInt(0, $place - 1)]['key'] ?? ''],
                4 => $tasks[$place]['steps'] = [['id' => null, 'title' => "Step of round $round", 'howTo' => null]],
                default => null,
            };
        }

        unset($tasks[$chance->getInt(1, count($tasks) - 1)]);
        $tasks = array_map(fn(array $task): array => [...$task, 'after' => array_values(array_filter($task['after']))], $tasks);
        $tasks[] = ($this->task)("New in round $round");
        $this->put("/templates/$template->id", ($this->fields)(array_values($tasks)))->assertSessionHasNoErrors();
        $before = $changes();
        $some = array_values(array_filter(array_column($before, 'id'), fn(): bool => $chance->getInt(0, 1) === 1));
        $this->put("/projects/$project->id/template", ['tasks' => $some])->assertSessionHasNoErrors();
        $after = $changes();

        // What was taken is no difference any more; the rest is, and was left.
        expect(array_intersect(array_column($after, 'id'), $some))
            ->toBe([])
            ->and(array_column($after, 'id'))
            ->toEqualCanonicalizing(array_diff(array_column($before, 'id'), $some))
            ->and(array_unique(array_column($after, 'isLeft')))
            ->toBe($after === [] ? [] : [true]);
    }

    $this->put("/projects/$project->id/template", ['tasks' => array_column($changes(), 'id')])->assertSessionHasNoErrors();
    $wanted = $this->props("/templates/$template->id")['page']['template']['tasks'];
    $there = $project->tasks()->whereNull('dropped_on')->with(['stage', 'dependencies', 'steps'])->get()->keyBy('template_task_id');
    expect($changes())->toBe([])->and($there->keys()->all())->toEqualCanonicalizing(array_column($wanted, 'id'));

    foreach ($wanted as $task) {
        $made = $there[$task['id']];
        expect([$made->title, $made->stage?->name, (string) $made->minutes, $made->steps->pluck('title')->all()])
            ->toBe([$task['title'], $task['stage'], $task['minutes'], array_column($task['steps'], 'title')])
            ->and(
                $made->dependencies
                    ->map(fn(Dependency $link): string => (string) $there->firstWhere('id', $link->after_id)->template_task_id)
                    ->all(),
            )
            ->toEqualCanonicalizing($task['after']);
    }
})->with(range(1, 5));
