<?php

declare(strict_types=1);

use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use Inertia\Testing\AssertableInertia;
use Loftrin\Core\Calendar\Day;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->actingAs($this->me);
});

it('lets two ticked tasks of three rise to the year', function (): void {
    $year = Made::goal($this->me, '2027');
    $quarter = Made::goal($this->me, '2027-Q1', ['parent_id' => $year->id]);
    $this->post('/projects', [
        'title' => 'Moorings Orkney',
        'stages' => [['name' => 'Survey'], ['name' => 'Moor']],
        'serves' => [['goal' => $quarter->id, 'weight' => '2']],
    ])->assertSessionHasNoErrors();
    $project = Project::query()->firstOrFail();

    expect($this->props("/projects/$project->id")['page']['weights'])->toBe([['goal' => $quarter->id, 'weight' => '2']]);

    foreach (['Survey Kirkwall', 'Order chain', 'Moor the buoy'] as $title) {
        $this->post('/tasks', [
            'title' => $title,
            'project' => $project->id,
            'stage_id' => $project->stages()->firstOrFail()->id,
        ])->assertSessionHasNoErrors();
    }

    foreach (Task::query()->limit(2)->get() as $task) {
        $this->put("/tasks/$task->id/tick", ['done' => true])->assertSessionHasNoErrors();
    }

    foreach (
        [
            "/goals/$year->id" => 'page.goal.gauge.terms',
            "/goals/$quarter->id" => 'page.goal.gauge.terms',
            "/projects/$project->id" => 'page.project.gauge.terms',
            '/year' => 'page.floors.0.columns.0.goals.0.gauge.terms',
        ] as $address => $terms
    ) {
        $this->get($address)->assertInertia(fn(AssertableInertia $page) => $page->where($terms, '67%')->etc());
    }
});

it('refuses a project that breaks a rule', function (array $input, string $field): void {
    $this->post('/projects', ['title' => 'x', ...$input])->assertSessionHasErrors($field);
    expect(Project::query()->count())->toBe(0);
})->with([
    [['title' => ''], 'title'],
    [['startsOn' => '2027-03-01', 'dueOn' => '2027-02-01'], 'dueOn'],
    [['startsOn' => '2027-02-30'], 'startsOn'],
    [['serves' => [['goal' => 99, 'weight' => 1]]], 'serves'],
    [['serves' => [['goal' => 99, 'weight' => 0]]], 'serves.0.weight'],
    [['stages' => [['name' => 'a'], ['name' => 'a']]], 'stages.0.name'],
    [['stages' => [['name' => '']]], 'stages.0.name'],
    [['state' => 'stalled'], 'state'],
]);

it('keeps the tasks of a stage that is renamed or removed', function (): void {
    $project = Made::project($this->me, stages: ['Survey', 'Moor']);
    [$survey, $moor] = $project->stages()->get()->all();
    $task = Made::task($this->me, ['project_id' => $project->id, 'stage_id' => $moor->id]);
    $this->put("/projects/$project->id", [
        'title' => 'x',
        'stages' => [['id' => $survey->id, 'name' => 'Look']],
    ])->assertSessionHasNoErrors();

    expect($project->stages()->pluck('name')->all())
        ->toBe(['Look'])
        ->and($task->refresh()->stage_id)
        ->toBeNull();
});

it('lets only its owner or a lead change a project, and everybody work in it', function (): void {
    $project = Made::project($this->me);
    $this->actingAs(Made::person());

    $this->put("/projects/$project->id", ['title' => 'x'])->assertForbidden();
    $this->put("/projects/$project->id/state", ['state' => 'done'])->assertForbidden();
    $this->post('/tasks', ['title' => 'Help', 'project' => $project->id])->assertSessionHasNoErrors();
    expect($project->tasks()->count())->toBe(1);
});

it('says which projects are stuck or ready to close', function (): void {
    $ready = Made::project($this->me, more: ['title' => 'Ready']);
    Made::task($this->me, ['project_id' => $ready->id, 'done_on' => '2027-02-01']);
    Made::project($this->me, more: ['title' => 'Stuck']);
    $running = Made::project($this->me, more: ['title' => 'Running']);
    Made::task($this->me, ['project_id' => $running->id, 'title' => 'Do this']);

    $rows = array_column(array_merge(...array_column($this->props('/projects')['page']['groups'], 'projects')), null, 'title');

    expect([$rows['Ready']['condition'], $rows['Stuck']['condition'], $rows['Running']['nextStep']['title']])->toBe([
        'ready',
        'stuck',
        'Do this',
    ]);
    $this->put("/projects/$ready->id/state", ['state' => 'done']);
    expect($ready->refresh()->state_on)->toEqual(Day::of(Made::TODAY));
});

it('refuses a task that breaks a rule', function (array $input, string $field): void {
    $goal = Made::goal($this->me);
    $project = Made::project($this->me);
    $input = array_map(
        fn(mixed $value): mixed => match ($value) {
            'GOAL' => $goal->id,
            'PROJECT' => $project->id,
            default => $value,
        },
        $input,
    );

    $this->post('/tasks', ['title' => 'x', ...$input])->assertSessionHasErrors($field);
    expect(Task::query()->count())->toBe(0);
})->with([
    [['title' => ' '], 'title'],
    [['minutes' => 0], 'minutes'],
    [['due_on' => '2027-02-30'], 'due_on'],
    [['planned' => '2027-W99'], 'planned'],
    [['rank' => 'D'], 'rank'],
    [['project' => 99], 'project'],
    [['goal' => 99], 'goal'],
    [['goal' => 'GOAL', 'project' => 'PROJECT'], 'goal'],
    [['project' => 'PROJECT', 'stage_id' => 99], 'stage'],
    [['owner_id' => 99], 'owner_id'],
]);

it('carries a task by itself, counts it, and asks after three times', function (): void {
    $task = Made::task($this->me, ['planned' => '2027-W03', 'title' => 'Rewrite the mooring guide']);
    $row = fn(): array => $this->props('/weeks/2027-W06')['page']['carriedOver'][0];

    expect($row())->toMatchArray(['title' => 'Rewrite the mooring guide', 'planned' => '2027-W06', 'carried' => 3, 'asks' => true]);

    $this->put("/tasks/$task->id/plan", ['planned' => '2027-02-11']);
    expect($row())->toMatchArray(['planned' => '2027-02-11', 'carried' => 3]);

    $this->put("/tasks/$task->id", ['due_on' => '2027-02-20']);
    $this->put("/tasks/$task->id", ['due_on' => '2027-02-25']);
    expect($row()['carried'])->toBe(4);

    $this->put("/tasks/$task->id/plan", ['planned' => null]);
    expect($task->refresh()->carried)->toBe(4);
});

it('starts the count anew when a task is handed over or cut into steps', function (string $method, string $to, array $input): void {
    $task = Made::task($this->me, ['planned' => '2027-W03']);
    $other = Made::person();
    $this->{$method}(
        "/tasks/$task->id$to",
        array_map(fn(mixed $value): mixed => $value === 'OTHER' ? $other->id : $value, $input),
    )->assertSessionHasNoErrors();

    expect($task->refresh()->only(['carried', 'planned']))->toBe(['carried' => 0, 'planned' => '2027-W06']);
})->with([['put', '', ['owner_id' => 'OTHER']], ['post', '/steps', ['lines' => ['Ask', 'Write']]]]);

it('does not count time on the shelf, and takes a task back where it was', function (): void {
    $task = Made::task($this->me, ['planned' => '2027-W05']);
    $this->put("/tasks/$task->id/aside", ['how' => 'shelve']);
    Made::later('2027-04-14');
    $this->put("/tasks/$task->id/aside", ['how' => 'restore']);

    expect($task->refresh()->only(['carried', 'planned', 'shelved_on']))->toBe([
        'carried' => 1,
        'planned' => '2027-W15',
        'shelved_on' => null,
    ]);
});

it('ticks a task with its last step, and opens it again', function (): void {
    $task = Made::task($this->me);
    $this->post("/tasks/$task->id/steps", ['lines' => ['One', 'Two']]);

    foreach ($task->steps()->get() as $step) {
        expect($task->refresh()->done_on)->toBeNull();
        $this->put("/steps/$step->id/tick", ['done' => true]);
    }

    expect((string) $task->refresh()->done_on)->toBe(Made::TODAY);
    $this->put('/steps/'.$task->steps()->firstOrFail()->id.'/tick', ['done' => false]);
    expect($task->refresh()->done_on)->toBeNull();
    $this->delete('/steps/'.$task->steps()->firstOrFail()->id);
    expect($task->steps()->count())->toBe(1);
});

it('shows a week with what was done, planned, offered and moved on', function (): void {
    Made::task($this->me, ['title' => 'Done on Tuesday', 'done_on' => '2027-02-09']);
    Made::task($this->me, ['title' => 'On Thursday', 'planned' => '2027-02-11']);
    Made::task($this->me, ['title' => 'Some time', 'planned' => '2027-W06']);
    Made::task($this->me, ['title' => 'In February', 'planned' => '2027-02']);
    Made::task($this->me, ['title' => 'Next week', 'planned' => '2027-W07']);
    Made::task($this->me, ['title' => 'Shelved', 'planned' => '2027-W06', 'shelved_on' => '2027-02-08']);
    Made::task(Made::person(), ['title' => 'Of somebody else', 'planned' => '2027-W06']);
    Made::task($this->me, ['title' => 'Left open', 'planned' => '2027-W05']);
    $titles = fn(array $tasks): array => array_column($tasks, 'title');

    $now = $this->props('/weeks/2027-W06')['page'];
    $days = array_column($now['days'], 'tasks', 'on');
    expect($titles($days['2027-02-09']))
        ->toBe(['Done on Tuesday'])
        ->and($titles($days['2027-02-11']))
        ->toBe(['On Thursday'])
        ->and($titles($now['noDay']))
        ->toBe(['Some time', 'Left open'])
        ->and($titles($now['offered']))
        ->toBe(['In February'])
        ->and($titles($this->props('/weeks/2027-W07')['page']['noDay']))
        ->toBe(['Next week'])
        ->and($titles(array_column($this->props('/weeks/2027-W05')['page']['left'], 'task')))
        ->toBe(['Left open']);
});

it('says in a line what a week is about, and leaves the line of a year to leads', function (): void {
    $this->put('/weeks/2027-W06/words', ['words' => 'Sell before the fair.'])->assertSessionHasNoErrors();
    expect($this->props('/weeks/2027-W06')['page']['words'])->toBe('Sell before the fair.');
    $this->put('/weeks/2027-W06/words', ['words' => '']);
    expect($this->props('/weeks/2027-W06')['page']['words'])->toBeNull();
    $this->put('/weeks/2027/words', ['words' => 'Calm water'])->assertSessionHasNoErrors();
    $this->actingAs(Made::person())
        ->put('/weeks/2027/words', ['words' => 'x'])
        ->assertForbidden();
});

it('knows what is due', function (): void {
    // Somebody who was there last week.
    $this->me->update(['created_at' => '2027-02-02 08:00:00']);
    // Beside the first steps of a new workspace.
    $isDue = static fn(array $pass): bool => $pass['isDue'] && $pass['kind'] !== 'first';
    $due = fn(): array => array_column(array_filter($this->props('/')['page']['passes'], $isDue), 'kind');

    expect($due())->toBe(['plan', 'review']);
    Made::series([$this->me], ['rule' => 'FREQ=WEEKLY;BYDAY=WE']);
    $this->post('/jots', ['words' => 'A thought']);
    $this->post('/reviews/2027-W05/hold');
    Made::goal($this->me, '2027-W06');
    Made::task($this->me, ['planned' => '2027-W06']);
    $this->put('/weeks/2027-W06/words', ['words' => 'Focus']);
    expect($due())->toBe(['meeting', 'tray', 'review 2027-01']);
    Made::later('2027-02-12');
    expect($due())->toContain('review');
});

it('offers the periods that there are to plan for, from this week to next year', function (): void {
    Made::workspace();
    $mei = Made::person();
    $times = array_column($this->actingAs($mei)->props('/tray')['frame']['times'], 'label', 'value');
    $task = Made::task($mei);

    expect(array_slice($times, 0, 2))
        ->toBe(['2027-W06' => 'Week 6, this one', '2027-W07' => 'Week 7'])
        ->and($times['2027-02'])
        ->toBe('February, this one')
        ->and($times['2027-Q2'])
        ->toBe('Q2 2027')
        ->and($times[2028])
        ->toBe('2028');

    foreach (array_keys($times) as $time) {
        $this->put("/tasks/$task->id/plan", ['planned' => (string) $time])->assertSessionHasNoErrors();
        expect($task->refresh()->planned)->toBe((string) $time);
    }
});
