<?php

declare(strict_types=1);

use App\Models\Occurrence;
use App\Models\Pattern;
use App\Models\Role;
use App\Models\Routine;
use App\Models\Step;
use App\Models\Task;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->mei);
    $this->make = function (string $words, array $more = []): Routine {
        $this->post('/routines', [
            'title' => 'Rinse the tank',
            'kind' => 'task',
            'words' => $words,
            'startsOn' => '2027-02-01',
            ...$more,
        ])->assertSessionHasNoErrors();

        return Routine::query()->latest('id')->firstOrFail();
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
    $page = $this->props('/routines')['page'];

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
    $routine = ($this->make)('when needed');
    expect(($this->open)())->toBe([]);
    $this->post("/routines/$routine->id/now")->assertSessionHasNoErrors();
    $this->post("/routines/$routine->id/now")->assertSessionHasErrors('routine');
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
    $routine = ($this->make)('every Monday');
    $this->put("/routines/$routine->id", [
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

    $this->put("/routines/$routine->id/end")->assertForbidden();
    $this->actingAs($this->elif)
        ->put("/routines/$routine->id/end")
        ->assertSessionHasNoErrors();
    expect(($this->open)())->toBe([]);
});

it('refuses words that say no rhythm, with examples', function (): void {
    $this->post('/routines', ['title' => 'Rinse', 'kind' => 'task', 'words' => 'now and then'])->assertSessionHasErrors('words');
    expect(session('errors')->first('words'))->toContain('every second Thursday');
    $this->post('/routines', ['title' => 'Letters', 'kind' => 'pieces', 'words' => 'every week'])->assertSessionHasErrors('perQuarter');
    $this->post('/routines', [
        'title' => 'Rinse',
        'kind' => 'task',
        'isPrivate' => true,
        'owner' => $this->elif->id,
    ])->assertSessionHasErrors('isPrivate');
    expect(Routine::query()->count())->toBe(0);
});

it('keeps a daily checklist that is blank each morning and in no count', function (): void {
    $routine = ($this->make)('every day', ['kind' => 'daily']);
    $this->put("/routines/$routine->id/daily", ['done' => true])->assertSessionHasNoErrors();
    expect($this->props('/')['page']['daily'])
        ->toBe([['id' => $routine->id, 'title' => 'Rinse the tank', 'isDone' => true]])
        ->and(Task::query()->count())
        ->toBe(0);

    Made::later('2027-02-11');
    expect($this->props('/')['page']['daily'][0]['isDone'])->toBeFalse();
    $this->actingAs($this->elif)
        ->put("/routines/$routine->id/daily", ['done' => true])
        ->assertNotFound();
});

it('keeps checklists to use again out of the open counts', function (): void {
    $routine = ($this->make)('', [
        'kind' => 'checklist',
        'steps' => [['id' => null, 'title' => 'Torch'], ['id' => null, 'title' => 'Thermos']],
    ]);
    $line = $routine->steps()->firstOrFail();
    $this->put("/routine-steps/$line->id/tick", ['done' => true])->assertSessionHasNoErrors();
    expect($this->props('/routines')['page']['checklists'][0]['lines'])
        ->toBe([
            ['id' => $line->id, 'title' => 'Torch', 'isTicked' => true],
            ['id' => $line->id + 1, 'title' => 'Thermos', 'isTicked' => false],
        ])
        ->and(array_column($this->props('/lists/undated')['page']['lists'], 'count', 'list')['undated'] ?? 0)
        ->toBe(0);
    $this->put("/routines/$routine->id/afresh");
    expect($line->refresh()->ticked_on)->toBeNull();
});

it('lays out a quarter’s pieces ahead and counts anew in the next', function (): void {
    $routine = ($this->make)('every Friday', [
        'title' => 'Letter',
        'kind' => 'pieces',
        'perQuarter' => 5,
        'steps' => [['id' => null, 'title' => 'Send']],
    ]);
    $this->post("/routines/$routine->id/pieces")->assertSessionHasNoErrors();
    expect(array_column(($this->open)(), 1))
        ->toBe(['2027-02-12', '2027-02-19', '2027-02-26', '2027-03-05', '2027-03-12'])
        ->and(Step::query()->count())
        ->toBe(5);
    $this->post("/routines/$routine->id/pieces")->assertSessionHasErrors('routine');

    ($this->tick)();
    expect($this->props('/routines')['page']['outputs'][0])->toMatchArray(['done' => 1, 'laid' => 5, 'of' => 5]);
    Made::later('2027-04-05');
    expect($this->props('/routines')['page']['outputs'][0])->toMatchArray(['done' => 0, 'laid' => 0, 'of' => 5]);
});

it('gives each new piece the steps of a pattern as it is by then, with their how-to pages', function (): void {
    $this->post('/patterns', [
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
    $pattern = Pattern::query()->firstOrFail();
    $routine = ($this->make)('every Friday', [
        'title' => 'Field note',
        'kind' => 'pieces',
        'perQuarter' => 2,
        'pattern' => $pattern->id,
        'steps' => [],
    ]);
    expect($this->props("/routines/$routine->id")['page']['routine']['pattern'])->toBe($pattern->id);

    $this->post("/routines/$routine->id/pieces")->assertSessionHasNoErrors();
    $piece = Task::query()->where('routine_id', $routine->id)->firstOrFail();
    $steps = $this->props("/tasks/$piece->id")['page']['steps'];
    expect(array_column($steps, 'title'))
        ->toBe(['Ask two sites', 'Draft', 'Send'])
        ->and($steps[0]['howTo'])
        ->toContain('<em>before</em>');

    $this->put("/routines/$routine->id", [
        ...$this->props("/routines/$routine->id")['page']['routine'],
        'kind' => 'task',
        'words' => 'every Friday',
    ])->assertSessionHasNoErrors();
    expect($routine->refresh()->pattern_id)->toBeNull();
});

it('spreads pieces evenly where no rhythm says when', function (): void {
    $routine = ($this->make)('when needed', ['title' => 'Letter', 'kind' => 'pieces', 'perQuarter' => 3]);
    $this->post("/routines/$routine->id/pieces");
    expect(array_column(($this->open)(), 1))->toBe(['2027-02-18', '2027-03-08', '2027-03-23']);
});

it('takes routines of the stock for a project', function (): void {
    $project = Made::project($this->mei);
    $stock = ($this->make)('every Friday', ['isStock' => true]);
    expect(($this->open)())->toBe([]);
    $this->post('/routines/take', ['routines' => [$stock->id], 'project' => $project->id])->assertSessionHasNoErrors();

    expect($this->props("/projects/$project->id")['page']['routines'][0])
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

it('shows a private routine and its tasks to nobody else', function (): void {
    $routine = ($this->make)('every Monday', ['isPrivate' => true]);
    $this->actingAs(Made::person(Role::Lead));
    $this->get("/routines/$routine->id")->assertNotFound();
    $this->get('/tasks/'.Task::query()->firstOrFail()->id)->assertNotFound();
    expect(json_encode($this->props('/routines')))
        ->not->toContain('Rinse')
        ->and(Task::query()->firstOrFail()->visibility)
        ->toBe(Visibility::OnlyMe);
});
