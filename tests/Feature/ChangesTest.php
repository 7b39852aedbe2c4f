<?php

declare(strict_types=1);

use App\Http\Middleware\StartSession;
use App\Models\Goal;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Database\QueryException;
use Inertia\Testing\AssertableInertia;
use Spatie\Activitylog\Models\Activity;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->actingAs($this->me);
});

function batch(): string
{
    return (string) Activity::query()->latest('id')->value('batch_uuid');
}

it('logs each change with who, when and what it was before', function (): void {
    $task = Made::task($this->me);
    $this->put("/tasks/$task->id/tick", ['done' => true])->assertSessionHas('change.words', 'Ticked “Order shackles”');
    $entry = Activity::query()->firstOrFail();

    expect($entry->causer_id)
        ->toBe($this->me->id)
        ->and($entry->description)
        ->toBe('Ticked “Order shackles”')
        ->and($entry->properties['before']['done_on'])
        ->toBeNull()
        ->and($entry->properties['now']['done_on'])
        ->toBe(Made::TODAY);
});

it('keeps its message for the next screen, whatever the page asks in the background meanwhile', function (): void {
    $task = Made::task($this->me);
    $this->session([]);
    session()->flash('problem', 'Your password has been changed.');
    session()->save();

    $this->get('/stamp', [StartSession::BACKGROUND => '1'])->assertOk();
    $this->get("/tasks/$task->id", [StartSession::BACKGROUND => '1'])->assertOk();

    $shown = fn() => $this->get("/tasks/$task->id");
    $shown()->assertInertia(static fn(AssertableInertia $page) => $page->where('problem', 'Your password has been changed.'));
    $shown()->assertInertia(static fn(AssertableInertia $page) => $page->where('problem', null));
});

it('takes back a change, whatever it wrote', function (): void {
    $task = Made::task($this->me, ['planned' => '2027-W06']);
    $this->put("/tasks/$task->id/aside", ['how' => 'drop']);
    $this->post('/undo/'.batch())->assertSessionHas('change.words', 'Undid: dropped “Order shackles”');
    expect($task->refresh()->dropped_on)->toBeNull();

    $this->post('/projects', ['title' => 'New', 'stages' => [['name' => 'One']]]);
    $this->post('/undo/'.batch())->assertSessionHasNoErrors();
    expect(Project::query()->count())->toBe(0);

    $this->post("/tasks/$task->id/steps", ['lines' => ['Ask']]);
    $this->delete('/steps/'.$task->steps()->firstOrFail()->id);
    $this->post('/undo/'.batch())->assertSessionHasNoErrors();
    expect($task->steps()->pluck('title')->all())->toBe(['Ask']);

    $goal = Made::goal($this->me);
    $this->post("/goals/$goal->id/close", ['result' => 'met']);
    $this->post('/undo/'.batch())->assertSessionHasNoErrors();
    expect($goal->refresh()->result)->toBeNull();
});

it('takes nothing back that has been changed since', function (): void {
    $task = Made::task($this->me);
    $this->put("/tasks/$task->id", ['title' => 'Order chain']);
    $batch = batch();
    $this->actingAs(Made::person())->put("/tasks/$task->id", ['title' => 'Order rope']);

    $this->actingAs($this->me)
        ->post("/undo/$batch")
        ->assertSessionHasErrors(['undo' => 'This has been changed since then. Nothing was undone.']);
    expect($task->refresh()->title)->toBe('Order rope');
});

it('takes back nobody else’s change', function (): void {
    $task = Made::task($this->me);
    $this->put("/tasks/$task->id/tick", ['done' => true]);
    $this->actingAs(Made::person())
        ->post('/undo/'.batch())
        ->assertNotFound();
    expect($task->refresh()->done_on)->not->toBeNull();
});

it('writes all of a change or nothing', function (): void {
    $this->post('/goals', [
        'title' => 'x',
        'period' => '2027',
        'measure' => 'work',
        'checkpoints' => [['on' => '2027-03-01', 'percent' => 50], ['on' => '2027-04-01', 'percent' => 40]],
    ])->assertSessionHasErrors('checkpoints');

    expect(Goal::query()->count())
        ->toBe(0)
        ->and(DB::table('checkpoints')->count())
        ->toBe(0)
        ->and(Activity::query()->count())
        ->toBe(0);
});

it('keeps a jot and makes a task of it', function (): void {
    $this->post('/jots', ['words' => ''])->assertSessionHasErrors('words');
    $this->post('/jots', ['words' => 'Ring the harbour office'])->assertSessionHasNoErrors();
    $jot = Jot::query()->firstOrFail();
    expect($this->props('/tray')['frame']['tray'])->toBe(1);

    $this->post("/jots/$jot->id/task", ['title' => 'Ring the harbour office', 'planned' => '2027-W06'])->assertSessionHasNoErrors();
    expect(Task::query()->firstOrFail()->planned)
        ->toBe('2027-W06')
        ->and($this->props('/tray')['page']['items'])
        ->toBe([]);

    $this->post('/jots', ['words' => 'Never mind']);
    $this->delete('/jots/'.Jot::query()->latest('id')->value('id'));
    expect($this->props('/tray')['frame']['tray'])->toBe(0);
    $this->post('/undo/'.batch());
    expect($this->props('/tray')['frame']['tray'])->toBe(1);
});

it('refuses in the database what must never be', function (Closure $write): void {
    $write($this->me);
})
    ->with([
        'a task of a project and a goal' => [
            fn($me) => Made::task($me, ['project_id' => Made::project($me)->id, 'goal_id' => Made::goal($me)->id]),
        ],
        'no minutes' => [fn($me) => Made::task($me, ['minutes' => 0])],
        'a target equal to its start' => [
            fn($me) => Made::goal($me, more: ['measure' => 'number', 'start_value' => 1, 'target_value' => 1]),
        ],
        'a result without a day' => [fn($me) => Made::goal($me, more: ['result' => 'met'])],
        'due before it starts' => [fn($me) => Made::project($me, more: ['starts_on' => '2027-02-02', 'due_on' => '2027-02-01'])],
        'an owner who is not there' => [fn($me) => Made::task($me, ['owner_id' => 999])],
        'an unknown rank' => [fn($me) => DB::table('tasks')->insert([...Made::task($me)->getAttributes(), 'id' => 99, 'rank' => 'Z'])],
    ])
    ->throws(QueryException::class);

it('is set up from the command line', function (): void {
    $set = fn(array $options): int => Artisan::call('workspace:set', $options);

    expect($set(['--name' => 'Ours', '--timezone' => 'Europe/Copenhagen', '--year-starts-in' => '4', '--holiday' => ['2027-05-01']]))
        ->toBe(0)
        ->and(Workspace::current()->only(['name', 'year_starts_in', 'week_starts_on', 'holidays']))
        ->toEqual(['name' => 'Ours', 'year_starts_in' => 4, 'week_starts_on' => 'monday', 'holidays' => ['2027-05-01']])
        ->and($set(['--timezone' => 'Mars']))
        ->toBe(1)
        ->and($set(['--year-starts-in' => '13']))
        ->toBe(1)
        ->and($set(['--holiday' => ['soon']]))
        ->toBe(1)
        ->and(Workspace::query()->count())
        ->toBe(1);

    $this->artisan('people:add', ['name' => 'Kwame Boateng', 'email' => 'Kwame@saltglass.example', '--lead' => true])
        ->expectsQuestion('Password, at least ten characters', 'ten letters')
        ->assertSuccessful();
    expect(
        Person::query()
            ->where('email', 'kwame@saltglass.example')
            ->firstOrFail()
            ->only(['initials', 'role']),
    )->toBe(['initials' => 'KB', 'role' => Role::Lead]);
    $this->artisan('people:add', ['name' => 'x', 'email' => 'no address'])
        ->expectsQuestion('Password, at least ten characters', 'short')
        ->assertFailed();
});
