<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Contact;
use App\Models\Dependency;
use App\Models\Notification;
use App\Models\Step;
use App\Models\Task;
use App\Models\Visibility;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->mei);
    $this->project = Made::project($this->mei, [], ['To do', 'At the quay', 'Done']);
    [$this->first, $this->second, $this->last] = $this->project->stages->all();
    $this->tasks = array_map(fn(string $title): Task => Made::task($this->mei, ['title' => $title, 'project_id' => $this->project->id]), [
        'Shackles',
        'Chain',
        'Float',
    ]);
    $this->order = fn(): array => array_map(
        fn(array $stage): array => array_column($stage['tasks'], 'title'),
        $this->props("/projects/{$this->project->id}")['page']['stages'],
    );
});

function fields(array $more): array
{
    return ['title' => 'Moorings Orkney', 'order' => 'any', 'weighing' => 'count', 'state' => 'active', ...$more];
}

it('moves a task within its stage and to another, and back by undo', function (): void {
    [$shackles, $chain, $float] = $this->tasks;
    $this->put("/tasks/$float->id/place", ['stage' => null, 'before' => $shackles->id])->assertSessionHasNoErrors();
    expect(($this->order)())->toBe([['Float', 'Shackles', 'Chain'], [], []]);

    $this->put("/tasks/$chain->id/place", ['stage' => $this->second->id])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    expect(($this->order)())->toBe([['Float', 'Shackles'], ['Chain'], []]);

    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect(($this->order)())->toBe([['Float', 'Shackles', 'Chain'], [], []]);
});

it('refuses a stage or a neighbour of another project', function (): void {
    $other = Made::project($this->mei, [], ['Elsewhere'], ['title' => 'Kirkwall']);
    $there = Made::task($this->mei, ['project_id' => $other->id]);
    $task = $this->tasks[0];

    $this->put("/tasks/$task->id/place", ['stage' => $other->stages[0]->id])->assertSessionHasErrors('stage');
    $this->put("/tasks/$task->id/place", ['before' => $there->id])->assertSessionHasErrors('before');
    $this->put('/tasks/'.Made::task($this->mei)->id.'/place', [])->assertSessionHasErrors('stage');
    $this->actingAs($this->elif)
        ->put('/tasks/'.Made::task($this->mei, ['visibility' => Visibility::OnlyMe])->id.'/place', [])
        ->assertNotFound();
});

it('ticks what is moved to the last stage of a project that keeps its done tasks there, and moves what is ticked', function (): void {
    [$shackles, $chain] = $this->tasks;
    $stages = $this->project->stages->map(fn($stage): array => ['id' => $stage->id, 'name' => $stage->name])->all();
    $this->put("/projects/{$this->project->id}", fields(['stages' => $stages, 'lastIsDone' => true]))->assertSessionHasNoErrors();

    $this->put("/tasks/$shackles->id/place", ['stage' => $this->second->id]);
    $this->put("/tasks/$shackles->id/place", ['stage' => $this->last->id]);
    expect((string) $shackles->refresh()->done_on)->toBe(Made::TODAY);

    $this->put("/tasks/$shackles->id/tick", ['done' => false]);
    expect($shackles->refresh()->done_on)->toBeNull()->and($shackles->stage_id)->toBe($this->second->id);

    $this->put("/tasks/$chain->id/tick", ['done' => true]);
    expect($chain->refresh()->stage_id)->toBe($this->last->id);
    $this->put("/tasks/$chain->id/place", ['stage' => $this->first->id]);
    expect($chain->refresh()->done_on)->toBeNull();

    $step = Step::query()->create(['task_id' => $chain->id, 'position' => 1, 'title' => 'Measure']);
    $this->put("/steps/$step->id/tick", ['done' => true]);
    expect($chain->refresh()->stage_id)->toBe($this->last->id)->and($chain->done_on)->not->toBeNull();
});

it('keeps done tasks in a last stage only where there are stages and none in it is open', function (): void {
    $stages = $this->project->stages->map(fn($stage): array => ['id' => $stage->id, 'name' => $stage->name])->all();
    $this->tasks[0]->update(['stage_id' => $this->last->id]);
    $this->tasks[1]->update(['done_on' => '2027-02-01']);

    $this->put("/projects/{$this->project->id}", fields(['stages' => $stages, 'lastIsDone' => true]))->assertSessionHasErrors('lastIsDone');
    $this->put("/projects/{$this->project->id}", fields(['stages' => [], 'lastIsDone' => true]))->assertSessionHasErrors('lastIsDone');
    $this->tasks[0]->update(['stage_id' => null]);
    $this->put("/projects/{$this->project->id}", fields(['stages' => $stages, 'lastIsDone' => true]))->assertSessionHasNoErrors();
    expect($this->tasks[1]->refresh()->stage_id)->toBe($this->last->id);
});

it('moves a task to another project, without what it came after, and never opens what is private', function (): void {
    $other = Made::project($this->mei, [], [], ['title' => 'Kirkwall']);
    [$shackles, $chain] = $this->tasks;
    Dependency::query()->create(['task_id' => $chain->id, 'after_id' => $shackles->id]);
    $private = Made::task($this->mei, ['visibility' => Visibility::OnlyMe]);

    $this->put("/tasks/$chain->id/belongs", ['project' => $other->id])->assertSessionHasNoErrors();
    expect($chain->refresh()->project_id)
        ->toBe($other->id)
        ->and(Dependency::query()->count())
        ->toBe(0);
    $this->put("/tasks/$private->id/belongs", ['project' => $other->id])->assertSessionHasErrors('project');
    $this->put("/tasks/$chain->id/belongs", ['project' => 999])->assertSessionHasErrors('project');
    $this->put("/tasks/$chain->id/belongs", [
        'goal' => Made::goal($this->elif, '2027', ['visibility' => Visibility::OnlyMe])->id,
    ])->assertSessionHasErrors('goal');
    $this->put("/tasks/$chain->id/belongs", ['goal' => Made::goal($this->elif)->id])->assertSessionHasNoErrors();
    expect($chain->refresh()->project_id)->toBeNull();
});

it('does the same to many tasks with one undo', function (string $what, ?string $value, string $column): void {
    $ids = array_map(fn(Task $task): int => $task->id, $this->tasks);
    $value = $value === 'Elif' ? (string) $this->elif->id : $value;
    $before = Task::query()->orderBy('id')->get()->map->getAttribute($column)->all();
    $this->put('/tasks/many', ['tasks' => $ids, 'what' => $what, 'value' => $value])->assertSessionHasNoErrors();

    $after = Task::query()->orderBy('id')->get()->map->getAttribute($column)->all();
    expect($after)->not->toEqual($before);
    $this->post('/undo/'.session('change')['batch'])->assertSessionHasNoErrors();
    expect(Task::query()->orderBy('id')->get()->map->getAttribute($column)->all())->toEqual($before);
})->with([
    ['tick', null, 'done_on'],
    ['plan', '2027-W07', 'planned'],
    ['hand_over', 'Elif', 'owner_id'],
    ['rank', 'A', 'rank'],
    ['project', null, 'project_id'],
    ['shelve', null, 'shelved_on'],
    ['drop', null, 'dropped_on'],
]);

it('does all of it or nothing', function (): void {
    $hidden = Made::task($this->elif, ['visibility' => Visibility::OnlyMe]);
    $mine = $this->tasks[0]->id;

    $this->put('/tasks/many', ['tasks' => [$mine, $hidden->id], 'what' => 'drop'])->assertSessionHasErrors('tasks');
    $this->put('/tasks/many', ['tasks' => [$mine], 'what' => 'plan', 'value' => 'soon'])->assertSessionHasErrors();
    $this->put('/tasks/many', ['tasks' => [$mine], 'what' => 'hand_over'])->assertSessionHasErrors('value');
    $this->put('/tasks/many', ['tasks' => [$mine], 'what' => 'rank', 'value' => 'Z'])->assertSessionHasErrors('value');
    expect(Task::query()->whereNotNull('dropped_on')->orWhereNotNull('planned')->count())->toBe(0);
});

it('hands a whole list to the next week', function (): void {
    Made::task($this->mei, ['title' => 'Log book', 'planned' => '2027-W06']);
    Made::task($this->elif, ['title' => 'Not mine', 'planned' => '2027-W06']);
    $this->put('/lists/week/next-week')->assertSessionHasNoErrors();

    expect(Task::query()->where('planned', '2027-W07')->pluck('title')->all())
        ->toBe(['Log book'])
        ->and(session('change')['words'])
        ->toBe('Planned 1 task');
    $this->put('/lists/finished/next-week')->assertNotFound();
});

it('loses nothing and keeps its order while two people work on a project at random', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $pick = fn(array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
    $stages = [null, ...$this->project->stages->pluck('id')->all()];
    $people = [$this->mei, $this->elif];
    $batches = [];
    $made = 3;

    for ($round = 0; $round < 60; $round++) {
        $who = $pick($people);
        $task = $pick(Task::query()->where('project_id', $this->project->id)->get()->all());
        $this->actingAs($who);

        match ($pick(['add', 'move', 'move', 'move', 'tick', 'aside', 'undo'])) {
            'add' => $this->post('/tasks', ['title' => 'Task '.++$made, 'project' => $this->project->id, 'stage_id' => $pick($stages)]),
            // What it goes before is chosen from a page that may be old by now.
            'move' => $this->put("/tasks/$task->id/place", [
                'stage' => $pick($stages),
                'before' => $pick([null, $random->getInt(1, $made + 1)]),
            ]),
            'tick' => $this->put("/tasks/$task->id/tick", ['done' => $random->getInt(0, 1) === 1]),
            'aside' => $this->put("/tasks/$task->id/aside", ['how' => $pick(['shelve', 'drop', 'restore'])]),
            'undo' => isset($batches[$who->id]) ? $this->post('/undo/'.array_pop($batches[$who->id])) : null,
        };

        $batch = DB::table('activity_log')
            ->where('causer_id', $who->id)
            ->whereNot('description', 'like', 'Undid%')
            ->orderByDesc('id')
            ->value('batch_uuid');
        $batches[$who->id] = $batch === null ? [] : [$batch];
    }

    $added = DB::table('activity_log')->where('event', 'created')->where('subject_type', Task::class)->count();
    $takenBack = DB::table('activity_log')->where('event', 'deleted')->where('subject_type', Task::class)->count();
    $positions = Task::query()->where('project_id', $this->project->id)->pluck('position');
    $shown = array_merge(...($this->order)());
    $aside = array_column($this->props("/projects/{$this->project->id}")['page']['aside'], 'title');

    expect($positions->count())
        ->toBe(3 + $added - $takenBack)
        ->and([...$shown, ...$aside])
        ->toHaveCount($positions->count())
        ->and($positions->unique()->count())
        ->toBe($positions->count());
})->with([1, 2, 3]);

it('tells both what the other did', function (): void {
    $task = $this->tasks[0];
    $this->actingAs($this->elif)->put("/tasks/$task->id/tick", ['done' => true]);
    $this->actingAs($this->mei)->put("/tasks/$task->id/place", ['stage' => $this->second->id]);
    $history = $this->props("/projects/{$this->project->id}")['page']['history'];

    expect(array_map(fn(array $row): string => "{$row['by']['name']} {$row['words']} {$row['what']}", $history))->toBe([
        'Mei Tanaka moved Shackles',
        'Elif Kaya ticked Shackles',
    ]);
});

it('does not overwrite what somebody else wrote meanwhile', function (): void {
    $task = $this->tasks[0];
    $this->actingAs($this->elif)
        ->put("/tasks/$task->id", ['notes' => 'Two sizes', 'seen' => ['notes' => '']])
        ->assertSessionHasNoErrors();
    $this->actingAs($this->mei)
        ->put("/tasks/$task->id", ['title' => 'Shackles', 'notes' => 'Three sizes', 'seen' => ['title' => 'Shackles', 'notes' => '']])
        ->assertSessionHasErrors('notes');
    expect($task->refresh()->notes)->toBe('Two sizes');
    $this->put("/tasks/$task->id", ['notes' => 'Three sizes', 'seen' => ['notes' => 'Two sizes']])->assertSessionHasNoErrors();
});

it('shows all that is open of a project, and of what is done the latest', function (): void {
    $project = Made::project($this->mei);

    for ($day = 1; $day <= 25; $day++) {
        Made::task($this->mei, [
            'project_id' => $project->id,
            'title' => "Done $day",
            'done_on' => sprintf('2027-01-%02d', $day),
            'position' => 64 * (26 - $day),
        ]);
    }

    Made::task($this->mei, ['project_id' => $project->id, 'title' => 'Open', 'position' => 64]);
    $stage = $this->props("/projects/$project->id")['page']['stages'][0];

    expect($stage['doneMore'])
        ->toBe(15)
        ->and(array_column($stage['tasks'], 'title'))
        ->toHaveCount(11)
        ->toContain('Open', 'Done 25', 'Done 16')
        ->not->toContain('Done 15');
});

it('knows whom a task waits on, and asks again on its day', function (): void {
    $task = Made::task($this->mei);
    $this->put("/tasks/$task->id", ['waiting_on' => 'Elif Kaya', 'follow_up_on' => '2027-02-10'])->assertSessionHasNoErrors();
    expect($task->refresh()->waiting_person_id)
        ->toBe($this->elif->id)
        ->and((string) $task->waiting_since)
        ->toBe(Made::TODAY)
        ->and($this->props('/lists/today')['page']['total'])
        ->toBe(1)
        ->and(Notification::query()->where('person_id', $this->elif->id)->pluck('words')->all())
        ->toBe(['is waiting for you']);

    $this->put("/tasks/$task->id", ['waiting_on' => null]);
    expect($task->refresh()->waiting_person_id)->toBeNull()->and($task->follow_up_on)->toBeNull();
});

it('says how to reach the contact that a task waits on', function (): void {
    $area = Area::query()->create(['name' => 'Port of Ostend', 'kind' => 'client', 'owner_id' => $this->mei->id]);
    Contact::query()->create(['area_id' => $area->id, 'name' => 'Jef Claes', 'what' => 'harbour master', 'phone' => '+32 59 340 700']);
    $task = Made::task($this->mei);
    $this->put("/tasks/$task->id", ['waiting_on' => 'Jef Claes'])->assertSessionHasNoErrors();
    $page = $this->props("/tasks/$task->id")['page'];

    expect($page['contact'])
        ->toMatchArray(['name' => 'Jef Claes', 'phone' => '+32 59 340 700'])
        ->and($page['contactArea']['value'])
        ->toBe("/areas/$area->id")
        ->and(Notification::query()->count())
        ->toBe(0);
});

it('plans a task for a time of day, which goes when the day does', function (): void {
    $late = Made::task($this->mei, ['title' => 'Late in the day', 'rank' => 'C']);
    $early = Made::task($this->mei, ['title' => 'Early', 'rank' => 'C']);
    $this->put("/tasks/$late->id/plan", ['planned' => Made::TODAY, 'at' => '16:00'])->assertSessionHasNoErrors();
    $this->put("/tasks/$early->id/plan", ['planned' => Made::TODAY, 'at' => '09:30'])->assertSessionHasNoErrors();
    $this->put("/tasks/$early->id/plan", ['planned' => Made::TODAY, 'at' => '9 or so'])->assertSessionHasErrors('at');
    expect(array_map(fn(array $row): array => [$row['title'], $row['plannedAt']], $this->props('/')['page']['tasks']))->toBe([
        ['Early', '09:30'],
        ['Late in the day', '16:00'],
    ]);

    $this->put("/tasks/$early->id/plan", ['planned' => '2027-W06', 'at' => '09:30']);
    expect($early->refresh()->planned_at)->toBeNull();
    Made::later('2027-02-11');
    expect($this->props("/tasks/$late->id")['page']['task'])->toMatchArray(['planned' => '2027-02-11', 'plannedAt' => null]);
});

it('shows what is under way and what is to be looked over', function (): void {
    $task = $this->tasks[0];
    $this->put("/tasks/$task->id", ['in_progress' => true, 'checked_by_id' => $this->elif->id])->assertSessionHasNoErrors();
    $row = $this->actingAs($this->elif)->props('/lists/to_check')['page']['groups'][0]['tasks'][0];

    expect($row)->toMatchArray(['title' => 'Shackles', 'isInProgress' => true, 'checkedBy' => 'Elif Kaya']);
    $this->put("/tasks/$task->id", ['in_progress' => false]);
    expect($task->refresh()->in_progress_since)->toBeNull();
});
