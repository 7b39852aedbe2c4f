<?php

declare(strict_types=1);

use App\Actions\Day\BeginDay;
use App\Models\Role;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->actingAs($this->me);
    // A day is begun by whatever comes first on it.
    $this->on = function (string $date): void {
        Made::later($date);
        app(BeginDay::class)();
    };
    $this->week = fn(string $week, string $more = ''): array => $this->props("/weeks/$week$more")['page'];
    $this->left = fn(string $week): array => array_map(
        static fn(array $row): array => [$row['task']['title'], $row['words']],
        ($this->week)($week)['left'],
    );
    Workspace::query()->update(['begun_on' => '2027-02-08']);
    app()->forgetScopedInstances();
});

it('keeps what was planned for a week, what was done of it, and what became of the rest', function (): void {
    $week = ['planned' => '2027-W06', 'minutes' => 60];
    $tasks = [];

    foreach (['Done', 'Carried', 'Moved', 'Shelved', 'Dropped', 'Handed over', 'Cleared'] as $title) {
        $tasks[$title] = Made::task($this->me, ['title' => $title, ...$week]);
    }

    ($this->on)('2027-02-09');
    $other = Made::person(name: 'Elif Demir');
    $this->put("/tasks/{$tasks['Done']->id}/tick", ['done' => true]);
    $this->put("/tasks/{$tasks['Moved']->id}/plan", ['planned' => '2027-W08']);
    $this->put("/tasks/{$tasks['Cleared']->id}/plan", ['planned' => null]);
    $this->put("/tasks/{$tasks['Shelved']->id}/aside", ['how' => 'shelve']);
    $this->put("/tasks/{$tasks['Dropped']->id}/aside", ['how' => 'drop']);
    $this->put("/tasks/{$tasks['Handed over']->id}", ['owner_id' => $other->id])->assertSessionHasNoErrors();
    Made::task($this->me, ['title' => 'Besides', 'done_on' => '2027-02-10', 'minutes' => 30]);
    ($this->on)('2027-02-15');

    $page = ($this->week)('2027-W06');
    expect($page['kept'])
        ->toBe(['week' => '2027-W06', 'planned' => 420, 'done' => 60, 'besides' => 30])
        ->and(($this->left)('2027-W06'))
        ->toBe([
            ['Carried', 'carried over'],
            ['Moved', 'moved to another time'],
            ['Shelved', 'shelved'],
            ['Dropped', 'dropped'],
            ['Handed over', 'handed over'],
            ['Cleared', 'moved to another time'],
        ]);
});

it('stays what it was, whatever becomes of the tasks later', function (): void {
    $carried = Made::task($this->me, ['title' => 'Carried', 'planned' => '2027-W06', 'minutes' => 60]);
    $done = Made::task($this->me, ['title' => 'Done', 'planned' => '2027-02-10', 'minutes' => 90]);
    ($this->on)('2027-02-10');
    $this->put("/tasks/$done->id/tick", ['done' => true]);
    ($this->on)('2027-02-15');
    $before = ($this->week)('2027-W06')['kept'];

    $this->put("/tasks/$carried->id/tick", ['done' => true]);
    $this->put("/tasks/$carried->id", ['minutes' => 600]);
    $this->put("/tasks/$done->id/plan", ['planned' => '2027-W30']);
    ($this->on)('2027-03-10');

    expect(($this->week)('2027-W06')['kept'])
        ->toBe($before)
        ->and(($this->left)('2027-W06'))
        ->toBe([['Carried', 'carried over']]);
});

it('counts what was moved away on the day on which it was planned as never planned', function (): void {
    ($this->on)('2027-02-09');
    $task = Made::task($this->me, ['title' => 'A slip', 'planned' => '2027-W06']);
    $this->put("/tasks/$task->id/plan", ['planned' => '2027-W09']);
    ($this->on)('2027-02-15');
    expect(($this->week)('2027-W06')['kept'])->toBeNull();
});

it('knows weeks in which nobody was there', function (): void {
    Made::task($this->me, ['title' => 'Order rope', 'planned' => '2027-02-10', 'minutes' => 60]);
    ($this->on)('2027-03-03');

    foreach (['2027-W06', '2027-W07', '2027-W08'] as $week) {
        expect(($this->left)($week))->toBe([['Order rope', 'carried over']], $week);
    }

    expect(($this->week)('2027-W09')['left'])->toBe([]);
});

it('takes what was entered afterwards for done, and leaves what was kept', function (): void {
    $task = Made::task($this->me, ['title' => 'Order rope', 'planned' => '2027-W06', 'minutes' => 60]);
    ($this->on)('2027-02-15');
    $task->update(['done_on' => '2027-02-11']);
    $page = ($this->week)('2027-W06');

    expect($page['left'])
        ->toBe([])
        ->and(array_merge(...array_column($page['days'], 'tasks')))
        ->toHaveCount(1)
        ->and($page['kept']['done'])
        ->toBe(0);
});

it('says how much of a plan gets done, and what this one holds', function (): void {
    expect(($this->week)('2027-W06')['pace'])->toBeNull();

    foreach (['2027-W06' => [600, 300], '2027-W07' => [300, 300]] as $week => [$planned, $done]) {
        $on = $week === '2027-W06' ? '2027-02-10' : '2027-02-17';
        Made::task($this->me, ['planned' => $week, 'minutes' => $done, 'done_on' => $on]);
        $planned > $done && Made::task($this->me, ['title' => 'Rest', 'planned' => $week, 'minutes' => $planned - $done]);
    }

    ($this->on)('2027-02-15');
    ($this->on)('2027-02-22');
    Made::task($this->me, ['planned' => '2027-W08', 'minutes' => 45]);
    Made::task($this->me, ['planned' => '2027-W08', 'minutes' => 45, 'done_on' => '2027-02-22']);

    // The rest of week 6 came along into week 7 and stands in week 8.
    expect(($this->week)('2027-W08')['pace'])->toBe(['weeks' => 2, 'planned' => 600, 'done' => 300, 'holds' => 390]);
});

it('counts for others only what they may see', function (): void {
    Made::task($this->me, ['title' => 'Secret', 'planned' => '2027-W06', 'minutes' => 60, 'visibility' => Visibility::OnlyMe]);
    Made::task($this->me, ['title' => 'Open', 'planned' => '2027-W06', 'minutes' => 30]);
    ($this->on)('2027-02-15');
    expect(($this->week)('2027-W06')['kept']['planned'])->toBe(90);

    $this->actingAs(Made::person(Role::Lead));
    $page = ($this->week)('2027-W06', "?who={$this->me->id}");
    expect($page['kept']['planned'])
        ->toBe(30)
        ->and(array_column(array_column($page['left'], 'task'), 'title'))
        ->toBe(['Open']);
});

it('counts a recurring task that passed unticked as missed', function (): void {
    $this->post('/recurring-tasks', [
        'title' => 'Rinse the tank',
        'words' => 'every Wednesday',
        'startsOn' => '2027-02-10',
        'kind' => 'task',
    ]);
    expect(Task::query()->count())->toBe(1);
    ($this->on)('2027-02-11');
    ($this->on)('2027-02-17');
    expect(($this->left)('2027-W06'))->toBe([['Rinse the tank', 'carried over']]);
});

it('neither begins nor writes twice on one day, and holds when the clock was set back', function (): void {
    Made::task($this->me, ['planned' => '2027-W06']);
    ($this->on)('2027-02-15');
    $kept = DB::table('week_tasks')->count();
    ($this->on)('2027-02-15');
    ($this->on)('2027-02-10');
    ($this->on)('2027-02-15');
    expect(DB::table('week_tasks')->count())->toBe($kept);
});

it('goes with a task that never was', function (): void {
    $this->post('/tasks', ['title' => 'A mistake', 'planned' => '2027-W06']);
    ($this->on)('2027-02-15');
    expect(DB::table('week_tasks')->count())->toBe(2);
    $this->post('/undo/'.DB::table('changes')->value('batch'))->assertSessionHasNoErrors();
    expect(DB::table('week_tasks')->count())->toBe(0);
});
