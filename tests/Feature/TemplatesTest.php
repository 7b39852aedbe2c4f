<?php

declare(strict_types=1);

use App\Models\Project;
use App\Models\Step;
use App\Models\Task;
use App\Models\Template;
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
        ->toBe([['week' => '2027-W07', 'planned' => 2300, 'added' => 180, 'available' => 2400, 'isOver' => true]]);
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
]);

it('lets only its owner and the leads take a change into a project', function (): void {
    $project = ($this->begin)(($this->template)(1), 'Ostend');
    $this->actingAs($this->elif)
        ->put("/projects/$project->id/template", ['tasks' => []])
        ->assertForbidden();
});
