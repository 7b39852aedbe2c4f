<?php

declare(strict_types=1);

use App\Http\Middleware\HandleInertiaRequests;
use App\Models\AgendaItem;
use App\Models\Area;
use App\Models\Comment;
use App\Models\Following;
use App\Models\Helping;
use App\Models\Jot;
use App\Models\Meeting;
use App\Models\Notification;
use App\Models\RecurringTask;
use App\Models\Review;
use App\Models\Role;
use App\Models\SavedList;
use App\Models\StandingItem;
use App\Models\Task;
use App\Models\Visibility;
use Inertia\Testing\AssertableInertia;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->owner = Made::person(name: 'Ingrid Solheim');
    $this->other = Made::person(Role::Lead);
    $this->goal = Made::goal($this->owner, '2027', ['title' => 'A secret boat', 'visibility' => Visibility::OnlyMe, 'scope' => 'person']);
    $this->week = Made::goal($this->owner, '2027-W06', [
        'title' => 'A secret week',
        'visibility' => Visibility::OnlyMe,
        'parent_id' => $this->goal->id,
    ]);
    $this->task = Made::task($this->owner, [
        'title' => 'A secret errand',
        'visibility' => Visibility::OnlyMe,
        'planned' => '2027-W06',
        'done_on' => '2027-02-09',
        'minutes' => 60,
    ]);
    $this->series = Made::series([$this->owner], ['title' => 'A secret talk', 'is_private' => true]);
    $this->project = Made::project($this->other, [$this->goal]);
    $this->goal->update([
        'area_id' => Area::query()->create(['name' => 'Moorings', 'kind' => 'area'])->id,
        'shelved_on' => '2027-02-01',
        'return_on' => '2027-02-02',
    ]);
    $this->recurringTask = RecurringTask::query()->create([
        'title' => 'A secret habit',
        'kind' => 'task',
        'owner_id' => $this->owner->id,
        'visibility' => Visibility::OnlyMe,
        'words' => 'every day',
        'rule' => 'FREQ=DAILY',
        'starts_on' => '2027-01-04',
        'project_id' => $this->project->id,
    ]);
    $this->list = SavedList::query()->create([
        'title' => 'A secret list',
        'owner_id' => $this->owner->id,
        'visibility' => Visibility::OnlyMe,
        'conditions' => [],
    ]);
    $this->task->update(['checked_by_id' => $this->other->id]);
    Helping::query()->create(['task_id' => $this->task->id, 'person_id' => $this->other->id]);
    Jot::query()->create([
        'person_id' => $this->owner->id,
        'words' => 'secret',
        'jotted_on' => Made::TODAY,
        'shelved_on' => Made::TODAY,
        'return_on' => Made::TODAY,
    ]);
    Notification::query()->create([
        'task_id' => $this->task->id,
        'person_id' => $this->other->id,
        'by_id' => $this->owner->id,
        'words' => 'said: secret',
    ]);
    Comment::query()->create(['goal_id' => $this->goal->id, 'person_id' => $this->owner->id, 'on' => Made::TODAY, 'words' => 'secret']);
    Following::query()->create(['goal_id' => $this->goal->id, 'person_id' => $this->other->id]);
    Notification::query()->create([
        'goal_id' => $this->goal->id,
        'person_id' => $this->other->id,
        'by_id' => $this->owner->id,
        'words' => 'said: secret',
    ]);
});

it('hides a private thing from every address, a lead’s too', function (): void {
    $this->actingAs($this->other);

    foreach (
        [
            ['get', "/goals/{$this->goal->id}"],
            ['get', "/goals/{$this->goal->id}/edit"],
            ['post', "/goals/{$this->goal->id}/close", ['result' => 'met']],
            ['post', "/goals/{$this->goal->id}/reopen"],
            ['post', "/goals/{$this->goal->id}/readings", ['on' => '2027-02-01', 'value' => '1']],
            ['put', "/goals/{$this->goal->id}", ['title' => 'x', 'period' => '2027', 'measure' => 'work']],
            ['post', "/goals/{$this->goal->id}/preview", ['title' => 'x', 'period' => '2027', 'measure' => 'work']],
            ['post', "/goals/{$this->goal->id}/comments", ['words' => 'x']],
            ['post', "/goals/{$this->goal->id}/estimates", ['chance' => 50]],
            ['post', "/goals/{$this->goal->id}/judgements", ['direction' => 'forward', 'line' => 'x']],
            ['post', "/goals/{$this->goal->id}/following"],
            ['post', "/goals/{$this->goal->id}/readings/column", ['text' => '1', 'last' => '2027-02-01']],
            ['get', "/goals/{$this->goal->id}/figure"],
            ['put', "/goals/{$this->goal->id}/place", ['quarters' => [1]]],
            ['put', "/goals/{$this->goal->id}/mark", ['isMain' => true, 'isFirst' => true]],
            ['post', '/closing/2027', ['goals' => [$this->goal->id => ['result' => 'met']]]],
            ['put', "/shelf/goal/{$this->goal->id}"],
            ['get', "/goals/new?from={$this->goal->id}"],
            ['get', "/tasks/{$this->task->id}"],
            ['put', "/tasks/{$this->task->id}", ['title' => 'x']],
            ['put', "/tasks/{$this->task->id}/tick", ['done' => false]],
            ['put', "/tasks/{$this->task->id}/plan", ['planned' => null]],
            ['put', "/tasks/{$this->task->id}/place"],
            ['put', "/tasks/{$this->task->id}/belongs", ['project' => 1]],
            ['post', "/tasks/{$this->task->id}/comments", ['words' => 'x']],
            ['put', "/tasks/{$this->task->id}/helpers", ['people' => []]],
            ['put', "/tasks/{$this->task->id}/skip"],
            ['post', "/tasks/{$this->task->id}/references", ['address' => 'https://a.example']],
            ['get', "/recurring-tasks/{$this->recurringTask->id}"],
            ['put', "/recurring-tasks/{$this->recurringTask->id}", ['title' => 'x', 'kind' => 'task']],
            ['put', "/recurring-tasks/{$this->recurringTask->id}/daily", ['done' => true]],
            ['get', "/lists/saved/{$this->list->id}"],
            ['get', "/series/{$this->series->id}"],
            ['get', "/series/{$this->series->id}/edit"],
            ['post', "/series/{$this->series->id}/issues", ['title' => 'x']],
            ['post', "/series/{$this->series->id}/open", ['on' => '2027-02-15', 'early' => true]],
        ] as $call
    ) {
        $this->{$call[0]}($call[1], $call[2] ?? [])->assertNotFound();
    }

    expect($this->task->refresh()->title)->toBe('A secret errand');
});

it('mentions it on no screen of somebody else', function (string $address): void {
    $this->actingAs($this->other);
    expect((string) json_encode($this->props($address)))->not->toContain('secret');
})->with(
    fn() => [
        '/',
        '/weeks/2027-W06',
        '/weeks/2027-W06?who=1',
        '/year',
        '/goals/new',
        '/projects',
        '/projects/1',
        '/projects/new',
        '/meetings',
        '/series/new',
        '/reviews/2027-W06',
        '/people',
        '/tray',
        '/direction',
        '/areas',
        '/areas/1',
        '/shelf',
        '/updates',
        '/closing/2027',
        '/closing/2027-W06',
        '/planning/2027/goals',
        '/planning/2027-Q1/goals',
        '/planning/2027-Q1/hours',
        '/planning/2027-W06+2/look_back',
        '/lists',
        '/lists/finished',
        '/lists/helping',
        '/lists/to_check',
        '/lists/new',
        '/lists/new?conditions[0][field]=state&conditions[0][value]=done',
        '/projects?state=all&group=thread',
        '/templates',
        '/recurring-tasks',
        '/notifications',
    ],
);

it('shows it to its owner', function (): void {
    $this->actingAs($this->owner);
    $this->get("/goals/{$this->goal->id}")->assertOk();
    $this->get('/year')->assertInertia(
        fn(AssertableInertia $page) => $page->where('page.floors.0.columns.0.goals.0.title', 'A secret boat')->etc(),
    );
    $this->get('/weeks/2027-W06')->assertSee('A secret errand');
    $this->get("/series/{$this->series->id}")->assertOk();
});

it('moves no figure that others see', function (): void {
    $weeks = fn(): array => array_column($this->props('/year')['frame']['rail']['weeks'], null, 'name')['2027-W06'];

    $this->actingAs($this->other);
    expect($weeks()['share'])->toBeNull();
    $this->actingAs($this->owner);
    expect($weeks()['share'])->toBeNull();
});

it('does not let a private goal show through one that others see', function (): void {
    $open = Made::goal($this->other);
    $this->actingAs($this->owner);

    $this->post('/goals', [
        'title' => 'x',
        'period' => '2027-Q1',
        'measure' => 'work',
        'parent' => $open->id,
        'visibility' => 'only_me',
    ])->assertSessionHasErrors('visibility');
    $this->post('/goals', [
        'title' => 'x',
        'period' => '2027-Q1',
        'measure' => 'work',
        'parent' => $this->goal->id,
    ])->assertSessionHasErrors('parent');
    $this->post('/goals', [
        'title' => 'x',
        'period' => '2027',
        'measure' => 'work',
        'owner' => $this->other->id,
        'visibility' => 'only_me',
    ])->assertSessionHasErrors('owner');
    $this->post('/tasks', ['title' => 'x', 'goal' => $open->id, 'isPrivate' => true])->assertSessionHasErrors('isPrivate');
    $this->post('/tasks', ['title' => 'x', 'goal' => $this->goal->id, 'owner_id' => $this->other->id])->assertSessionHasErrors('owner_id');
    $this->post('/tasks', ['title' => 'as private as its goal', 'goal' => $this->goal->id])->assertSessionHasNoErrors();
    expect(Task::query()->where('title', 'as private as its goal')->value('visibility'))->toBe(Visibility::OnlyMe);
    $this->actingAs($this->other)
        ->post('/tasks', ['title' => 'x', 'goal' => $this->goal->id])
        ->assertSessionHasErrors('goal');
    $this->post('/projects', ['title' => 'x', 'serves' => [['goal' => $this->goal->id, 'weight' => 1]]])->assertSessionHasErrors('serves');
    $this->post('/goals', ['title' => 'x', 'period' => '2027', 'measure' => 'work', 'parent' => $this->goal->id])->assertSessionHasErrors([
        'parent' => 'This goal no longer exists.',
    ]);
});

it('leaves a link to a goal that one may not see as it is', function (): void {
    $this->actingAs($this->other)
        ->put("/projects/{$this->project->id}", ['title' => 'Renamed', 'serves' => []])
        ->assertSessionHasNoErrors();

    expect($this->project->contributions()->count())->toBe(1);
});

it('keeps reviews and trays to oneself', function (): void {
    $jot = Jot::query()->create(['person_id' => $this->owner->id, 'words' => 'A secret thought', 'jotted_on' => Made::TODAY]);
    $this->actingAs($this->owner)->put('/reviews/2027-W06/answers', ['question' => 'moved', 'words' => 'A secret answer']);

    $this->actingAs($this->other);
    $this->post("/jots/$jot->id/task", ['title' => 'x'])->assertNotFound();
    $this->delete("/jots/$jot->id")->assertNotFound();
    expect((string) json_encode($this->props('/reviews/2027-W06')))
        ->not->toContain('secret answer')
        ->and(Review::query()->count())
        ->toBe(1);
});

it('cannot be handed over', function (): void {
    $this->actingAs($this->owner)
        ->put("/tasks/{$this->task->id}", ['owner_id' => $this->other->id])
        ->assertSessionHasErrors('owner_id');
});

it('stays out of the plan file', function (): void {
    Artisan::call('plan:export');
    expect(Artisan::output())->toContain('Moorings Orkney')->not->toContain('secret');
});

it('keeps what was agreed in a private meeting among those who attend it', function (): void {
    $elif = Made::person(name: 'Elif Demir');
    $talk = Made::series([$this->owner, $elif], ['title' => 'One-on-one', 'is_private' => true]);
    StandingItem::query()->create([
        'series_id' => $talk->id,
        'position' => 0,
        'title' => 'How are you',
        'minutes' => 5,
        'goal_id' => Made::goal($this->other)->id,
    ]);
    $this->actingAs($this->owner)->post("/series/$talk->id/open", ['on' => '2027-02-15', 'early' => true]);
    $this->post('/agenda-items/'.AgendaItem::query()->firstOrFail()->id.'/next-steps', [
        'title' => 'A secret promise',
        'owner' => $elif->id,
    ])->assertSessionHasNoErrors();
    $task = Task::query()->where('title', 'A secret promise')->firstOrFail();

    foreach ([$this->owner, $elif] as $attendee) {
        $this->actingAs($attendee)
            ->get("/tasks/$task->id")
            ->assertOk();
    }

    $this->actingAs($this->other)
        ->get("/tasks/$task->id")
        ->assertNotFound();
    expect((string) json_encode($this->props("/weeks/2027-W08?who=$elif->id")))->not->toContain('secret');
    $this->actingAs($elif);
    expect((string) json_encode($this->props('/meetings/'.Meeting::query()->value('id'))))->toContain('A secret promise');
});

it('offers nobody a private goal to hang a task on', function (): void {
    $asked = fn(): array => $this->get('/tray', [
        'X-Inertia' => 'true',
        'X-Inertia-Version' => app(HandleInertiaRequests::class)->version(request()),
        'X-Inertia-Partial-Component' => 'capture/Tray',
        'X-Inertia-Partial-Data' => 'places,served',
    ])
        ->assertOk()
        ->json('props');

    foreach ([[$this->owner, true], [$this->other, false]] as [$who, $sees]) {
        $this->actingAs($who);
        app()->forgetScopedInstances();
        expect(in_array('A secret boat', array_column($asked()['served'], 'label'), true))->toBe($sees);
    }
});

it('records nothing of what a page says, wherever it is run', function (): void {
    $records = sys_get_temp_dir().'/'.uniqid('records-');
    config(['inertia.devtools.storage.path' => $records]);
    $this->app->instance('env', 'local');

    $this->actingAs($this->owner)->get('/year')->assertOk();

    expect(is_dir($records))->toBeFalse();
});
