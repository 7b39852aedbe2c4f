<?php

declare(strict_types=1);

use App\Models\MainEffort;
use App\Models\Occurrence;
use App\Models\RecurringTask;
use App\Models\Role;
use App\Models\Step;
use App\Models\Task;
use App\Models\Template;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->mei);
    $this->make = function (string $words, array $more = []): RecurringTask {
        $this->post('/recurring-tasks', [
            'title' => 'Rinse the tank',
            'kind' => 'task',
            'words' => $words,
            'startsOn' => '2027-02-01',
            ...$more,
        ])->assertSessionHasNoErrors();

        return RecurringTask::query()->latest('id')->firstOrFail();
    };
    $this->open = fn(): array => Task::query()
        ->open()
        ->orderBy('id')
        ->get()
        ->map(fn(Task $task): array => [$task->title, $task->occurs_on === null ? null : (string) $task->occurs_on])
        ->all();
    $this->times = fn(): array => Occurrence::query()
        ->orderBy('on')
        ->get()
        ->map(fn(Occurrence $time): string => "$time->on {$time->state->value}")
        ->all();
    $this->tick = function (bool $isDone = true): void {
        $task = $isDone ? Task::query()->open()->firstOrFail() : Task::query()->whereNotNull('done_on')->latest('id')->firstOrFail();
        $this->put("/tasks/$task->id/tick", ['done' => $isDone])->assertSessionHasNoErrors();
    };
});

it('brings one task at a time, the next as it is ticked, and takes it back', function (): void {
    ($this->make)('every second Thursday', ['startsOn' => '2027-02-04']);
    expect(($this->open)())
        ->toBe([['Rinse the tank', '2027-02-18']])
        ->and($this->props('/lists/ahead')['page']['groups'][0]['tasks'][0])
        ->toMatchArray(['rhythm' => 'every second Thursday', 'planned' => '2027-02-18']);

    Made::later('2027-02-18');
    ($this->tick)();
    expect(($this->open)())
        ->toBe([['Rinse the tank', '2027-03-04']])
        ->and(($this->times)())
        ->toBe(['2027-02-18 done']);

    ($this->tick)(false);
    expect(($this->open)())
        ->toBe([['Rinse the tank', '2027-02-18']])
        ->and(($this->times)())
        ->toBe([]);
});

it('counts what was missed and does not pile it up', function (): void {
    ($this->make)('every Monday', ['steps' => [['id' => null, 'title' => 'Lid off']]]);
    Step::query()->update(['done_on' => '2027-02-15']);
    Made::later('2027-03-03');
    $page = $this->props('/recurring-tasks')['page'];

    expect(($this->open)())
        ->toBe([['Rinse the tank', '2027-03-01']])
        ->and(($this->times)())
        ->toBe(['2027-02-15 missed', '2027-02-22 missed'])
        ->and($page['mine'][0])
        ->toMatchArray(['missed' => 2, 'next' => '2027-03-01'])
        ->and(Step::query()->whereNotNull('done_on')->count())
        ->toBe(0)
        ->and(Task::query()->firstOrFail()->carried)
        ->toBe(0);
});

it('skips one time and goes on', function (): void {
    ($this->make)('every Monday');
    $task = Task::query()->firstOrFail();
    $this->put("/tasks/$task->id/skip")->assertSessionHasNoErrors();
    $batch = session('change')['batch'];

    expect(($this->open)())
        ->toBe([['Rinse the tank', '2027-02-22']])
        ->and(($this->times)())
        ->toBe(['2027-02-15 skipped']);
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect(($this->open)())
        ->toBe([['Rinse the tank', '2027-02-15']])
        ->and(($this->times)())
        ->toBe([]);
    $this->put('/tasks/'.Made::task($this->mei)->id.'/skip')->assertSessionHasErrors('task');
});

it('puts one time off without moving the next', function (): void {
    ($this->make)('every Monday');
    $task = Task::query()->firstOrFail();
    $this->put("/tasks/$task->id/plan", ['planned' => '2027-02-18']);
    Made::later('2027-02-18');
    ($this->tick)();
    expect(($this->open)())->toBe([['Rinse the tank', '2027-02-22']]);
});

it('comes back so long after it was done', function (): void {
    ($this->make)('three weeks after it is done');
    expect(($this->open)())->toBe([['Rinse the tank', '2027-02-10']]);
    Made::later('2027-02-20');
    expect(($this->open)())->toBe([['Rinse the tank', '2027-02-10']]);
    ($this->tick)();
    expect(($this->open)())->toBe([['Rinse the tank', '2027-03-13']]);
});

it('waits until it is needed', function (): void {
    $recurringTask = ($this->make)('when needed');
    expect(($this->open)())->toBe([]);
    $this->post("/recurring-tasks/$recurringTask->id/now")->assertSessionHasNoErrors();
    $this->post("/recurring-tasks/$recurringTask->id/now")->assertSessionHasErrors('recurringTask');
    ($this->tick)();
    expect(($this->open)())->toBe([]);
});

it('ticks and goes on when the last step is ticked', function (): void {
    ($this->make)('every Monday', ['steps' => [['id' => null, 'title' => 'Lid off']]]);
    $this->put('/steps/'.Step::query()->firstOrFail()->id.'/tick', ['done' => true])->assertSessionHasNoErrors();
    expect(($this->open)())
        ->toBe([['Rinse the tank', '2027-02-22']])
        ->and(Step::query()->whereNull('done_on')->count())
        ->toBe(1);
});

it('changes with its open task and ends with it', function (): void {
    $recurringTask = ($this->make)('every Monday');
    $this->put("/recurring-tasks/$recurringTask->id", [
        'title' => 'Rinse both tanks',
        'kind' => 'task',
        'words' => 'every Friday',
        'startsOn' => '2027-02-01',
        'owner' => $this->elif->id,
    ])->assertSessionHasNoErrors();
    expect(($this->open)())
        ->toBe([['Rinse both tanks', '2027-02-12']])
        ->and(Task::query()->firstOrFail()->owner_id)
        ->toBe($this->elif->id);

    $this->put("/recurring-tasks/$recurringTask->id/end")->assertForbidden();
    $this->actingAs($this->elif)
        ->put("/recurring-tasks/$recurringTask->id/end")
        ->assertSessionHasNoErrors();
    expect(($this->open)())->toBe([]);
});

it('refuses words that say no rhythm, with examples', function (): void {
    $this->post('/recurring-tasks', ['title' => 'Rinse', 'kind' => 'task', 'words' => 'now and then'])->assertSessionHasErrors('words');
    expect(session('errors')->first('words'))->toContain('every second Thursday');
    $this->post('/recurring-tasks', ['title' => 'Letters', 'kind' => 'pieces', 'words' => 'every week'])->assertSessionHasErrors(
        'perQuarter',
    );
    $this->post('/recurring-tasks', [
        'title' => 'Rinse',
        'kind' => 'task',
        'isPrivate' => true,
        'owner' => $this->elif->id,
    ])->assertSessionHasErrors('isPrivate');
    expect(RecurringTask::query()->count())->toBe(0);
});

it('keeps a daily checklist that is blank each morning and in no count', function (): void {
    $recurringTask = ($this->make)('every day', ['kind' => 'daily']);
    $this->put("/recurring-tasks/$recurringTask->id/daily", ['done' => true])->assertSessionHasNoErrors();
    expect($this->props('/')['page']['daily'])
        ->toBe([['id' => $recurringTask->id, 'title' => 'Rinse the tank', 'isDone' => true]])
        ->and(Task::query()->count())
        ->toBe(0);

    Made::later('2027-02-11');
    expect($this->props('/')['page']['daily'][0]['isDone'])->toBeFalse();
    $this->actingAs($this->elif)
        ->put("/recurring-tasks/$recurringTask->id/daily", ['done' => true])
        ->assertNotFound();
});

it('keeps checklists to use again out of the open counts', function (): void {
    $recurringTask = ($this->make)('', [
        'kind' => 'checklist',
        'steps' => [['id' => null, 'title' => 'Torch'], ['id' => null, 'title' => 'Thermos']],
    ]);
    $line = $recurringTask->steps()->firstOrFail();
    $this->put("/recurring-task-steps/$line->id/tick", ['done' => true])->assertSessionHasNoErrors();
    expect($this->props('/recurring-tasks')['page']['checklists'][0]['lines'])
        ->toBe([
            ['id' => $line->id, 'title' => 'Torch', 'isTicked' => true],
            ['id' => $line->id + 1, 'title' => 'Thermos', 'isTicked' => false],
        ])
        ->and(array_column($this->props('/lists/not_scheduled')['page']['lists'], 'count', 'list')['not_scheduled'] ?? 0)
        ->toBe(0);
    $this->put("/recurring-tasks/$recurringTask->id/afresh");
    expect($line->refresh()->ticked_on)->toBeNull();
});

it('creates a quarter’s items ahead and counts anew in the next', function (): void {
    $recurringTask = ($this->make)('every Friday', [
        'title' => 'Letter',
        'kind' => 'pieces',
        'perQuarter' => 5,
        'steps' => [['id' => null, 'title' => 'Send']],
    ]);
    $this->post("/recurring-tasks/$recurringTask->id/pieces")->assertSessionHasNoErrors();
    expect(array_column(($this->open)(), 1))
        ->toBe(['2027-02-12', '2027-02-19', '2027-02-26', '2027-03-05', '2027-03-12'])
        ->and(Step::query()->count())
        ->toBe(5);
    $this->post("/recurring-tasks/$recurringTask->id/pieces")->assertSessionHasErrors('recurringTask');

    ($this->tick)();
    expect($this->props('/recurring-tasks')['page']['outputs'][0])->toMatchArray(['done' => 1, 'laid' => 5, 'of' => 5]);
    Made::later('2027-04-05');
    expect($this->props('/recurring-tasks')['page']['outputs'][0])->toMatchArray(['done' => 0, 'laid' => 0, 'of' => 5]);
});

it('gives each new piece the steps of a template as it is by then, with their how-to pages', function (): void {
    $this->post('/templates', [
        'title' => 'Field note',
        'weighing' => 'count',
        'order' => 'any',
        'stages' => [],
        'tasks' => [
            [
                'id' => null,
                'title' => 'Write',
                'stage' => null,
                'role' => null,
                'day' => null,
                'minutes' => null,
                'steps' => [
                    ['id' => null, 'title' => 'Ask two sites', 'howTo' => 'Call *before* noon.'],
                    ['id' => null, 'title' => 'Draft', 'howTo' => ''],
                ],
            ],
            ['id' => null, 'title' => 'Send', 'stage' => null, 'role' => null, 'day' => null, 'minutes' => null, 'steps' => []],
        ],
    ])->assertSessionHasNoErrors();
    $template = Template::query()->firstOrFail();
    $recurringTask = ($this->make)('every Friday', [
        'title' => 'Field note',
        'kind' => 'pieces',
        'perQuarter' => 2,
        'template' => $template->id,
        'steps' => [],
    ]);
    expect($this->props("/recurring-tasks/$recurringTask->id")['page']['recurringTask']['template'])->toBe($template->id);

    $this->post("/recurring-tasks/$recurringTask->id/pieces")->assertSessionHasNoErrors();
    $piece = Task::query()->where('recurring_task_id', $recurringTask->id)->firstOrFail();
    $steps = $this->props("/tasks/$piece->id")['page']['steps'];
    expect(array_column($steps, 'title'))
        ->toBe(['Ask two sites', 'Draft', 'Send'])
        ->and($steps[0]['howTo'])
        ->toContain('<em>before</em>');

    $this->put("/recurring-tasks/$recurringTask->id", [
        ...$this->props("/recurring-tasks/$recurringTask->id")['page']['recurringTask'],
        'kind' => 'task',
        'words' => 'every Friday',
    ])->assertSessionHasNoErrors();
    expect($recurringTask->refresh()->template_id)->toBeNull();
});

it('spreads pieces evenly where no rhythm says when', function (): void {
    $recurringTask = ($this->make)('when needed', ['title' => 'Letter', 'kind' => 'pieces', 'perQuarter' => 3]);
    $this->post("/recurring-tasks/$recurringTask->id/pieces");
    expect(array_column(($this->open)(), 1))->toBe(['2027-02-18', '2027-03-08', '2027-03-23']);
});

it('takes shared recurring tasks for a project', function (): void {
    $project = Made::project($this->mei);
    $shared = ($this->make)('every Friday', ['isShared' => true]);
    expect(($this->open)())->toBe([]);
    $this->post('/recurring-tasks/take', ['recurringTasks' => [$shared->id], 'project' => $project->id])->assertSessionHasNoErrors();

    expect($this->props("/projects/$project->id")['page']['recurringTasks'][0])
        ->toMatchArray(['title' => 'Rinse the tank', 'words' => 'every Friday', 'next' => '2027-02-12'])
        ->and($this->props("/projects/$project->id")['page']['project']['tasks'])
        ->toBe(0);
});

it('counts for the goal that it serves, in figure and ledger', function (): void {
    $goal = Made::goal($this->mei, '2027-Q1', ['measure' => 'count', 'target_value' => 4]);
    ($this->make)('every Monday', ['goal' => $goal->id, 'minutes' => 60]);
    ($this->tick)();
    $page = $this->props("/goals/$goal->id")['page'];

    expect($page['goal']['gauge']['progress'] ?? ($page['row']['gauge']['progress'] ?? null))->toEqual(25);
    $weeks = array_column($this->props('/')['frame']['rail']['weeks'], null, 'name');
    expect($weeks['2027-W06']['share'])->toEqual(1);
});

it('shows a private recurring task and its tasks to nobody else', function (): void {
    $recurringTask = ($this->make)('every Monday', ['isPrivate' => true]);
    $this->actingAs(Made::person(Role::Lead));
    $this->get("/recurring-tasks/$recurringTask->id")->assertNotFound();
    $this->get('/tasks/'.Task::query()->firstOrFail()->id)->assertNotFound();
    expect(json_encode($this->props('/recurring-tasks')))
        ->not->toContain('Rinse')
        ->and(Task::query()->firstOrFail()->visibility)
        ->toBe(Visibility::OnlyMe);
});

it('says on which days it would come back while its words are written', function (): void {
    $next = fn(string $words, string $from = ''): array => $this->actingAs(Made::person(name: 'Ana'))
        ->getJson('/recurring-tasks/next?'.http_build_query(['words' => $words, 'startsOn' => $from]))
        ->assertOk()
        ->json();

    expect($next('every second Thursday', '2027-02-12')['dates'])
        ->toBe(['2027-02-18', '2027-03-04', '2027-03-18'])
        ->and($next('twice a month')['dates'])
        ->toBe(['2027-02-15', '2027-03-01', '2027-03-15'])
        ->and($next('two weeks after it is done'))
        ->toMatchArray(['dates' => [], 'words' => 'The first comes at once, each other one after the last was done.'])
        ->and($next('when needed')['words'])
        ->toBe('Comes only when you create it.')
        ->and($next('every blue moon')['fault'])
        ->toStartWith('Write for example');
    // In the very words in which it would be refused: a page says them once.
    $fault = $next('every blue moon')['fault'];
    $this->post('/recurring-tasks', ['title' => 'Grease', 'kind' => 'task', 'words' => 'every blue moon', 'startsOn' => '2027-02-10'])
        ->assertSessionHasErrors(['words' => $fault]);
    $this->getJson('/recurring-tasks/next?words=daily&startsOn=soon')->assertUnprocessable();
});

it('does not skip the first one of every second week', function (): void {
    $me = Made::person(name: 'Ana');
    $this->actingAs($me)
        ->post('/recurring-tasks', ['title' => 'Rinse', 'kind' => 'task', 'words' => 'every second Tuesday', 'startsOn' => '2027-02-10'])
        ->assertSessionHasNoErrors();

    expect((string) RecurringTask::query()->firstWhere('title', 'Rinse')?->starts_on)->toBe('2027-02-16');
});

it('is work on a main effort each time that it comes, and says so where the effort stands', function (): void {
    $mei = Made::person(name: 'Mei Tanaka');
    $goal = Made::goal($mei, '2027-Q1', ['title' => 'Forty harbours']);
    $effort = MainEffort::query()->create(['goal_id' => $goal->id, 'title' => 'Ring harbours', 'hours' => 2, 'person_id' => $mei->id]);
    $hidden = MainEffort::query()->create([
        'goal_id' => Made::goal(Made::person(name: 'Noor'), '2027-Q1', ['visibility' => Visibility::OnlyMe])->id,
        'title' => 'x',
        'person_id' => $mei->id,
    ]);
    $fields = ['title' => 'Ring two', 'kind' => 'task', 'words' => 'every day', 'minutes' => 30];
    $this->actingAs($mei);
    $this->post('/recurring-tasks', [...$fields, 'mainEffort' => $hidden->id])->assertSessionHasErrors([
        'mainEffort' => 'This main effort no longer exists.',
    ]);
    $this->post('/recurring-tasks', [...$fields, 'mainEffort' => $effort->id])->assertSessionHasNoErrors();
    $task = Task::query()->where('title', 'Ring two')->firstOrFail();
    expect($task->main_effort_id)->toBe($effort->id);
    $this->put("/tasks/$task->id/tick", ['done' => true])->assertSessionHasNoErrors();
    expect(Task::query()->where('title', 'Ring two')->whereNull('done_on')->value('main_effort_id'))
        ->toBe($effort->id)
        ->and($this->props("/goals/$goal->id")['page']['parts']['efforts'][0]['comesBack'])
        ->toBe(['Ring two, every day'])
        ->and(array_column($this->props("/recurring-tasks/{$task->recurring_task_id}")['page']['mainEfforts'], 'label'))
        ->toBe(['Ring harbours']);

    // Taken off, what is still to come is not; what was done stays as it was.
    $this->put("/recurring-tasks/{$task->recurring_task_id}", [...$fields, 'mainEffort' => null])->assertSessionHasNoErrors();
    expect(Task::query()->where('title', 'Ring two')->whereNull('done_on')->value('main_effort_id'))
        ->toBeNull()
        ->and($task->refresh()->main_effort_id)
        ->toBe($effort->id);
});
