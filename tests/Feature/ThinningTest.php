<?php

declare(strict_types=1);

use App\Models\Comment;
use App\Models\Step;
use App\Models\Task;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person();
    $this->actingAs($this->me);
    $this->old = ['created_on' => '2026-06-01', 'changed_on' => '2026-06-01'];
    $this->asked = fn(): array => array_map(
        static fn(array $group): array => [$group['reason'], array_column($group['tasks'], 'title')],
        $this->props('/thinning-out')['page']['leftOver'],
    );
});

it('asks about what had no activity for four weeks, and what lies on the shelf without a date, the oldest first', function (): void {
    Made::task($this->me, [...$this->old, 'title' => 'Paint the shed', 'changed_on' => '2026-10-01']);
    Made::task($this->me, [...$this->old, 'title' => 'Sell the van']);
    Made::task($this->me, [...$this->old, 'title' => 'A boat', 'shelved_on' => '2026-09-01']);
    Made::task($this->me, [...$this->old, 'title' => 'Returns', 'shelved_on' => '2026-09-01', 'return_on' => '2027-05-01']);
    Made::task($this->me, [...$this->old, 'title' => 'Planned', 'planned' => '2027-03', 'planned_from' => '2027-03-01']);
    Made::task($this->me, [...$this->old, 'title' => 'Lately', 'changed_on' => '2027-02-01']);
    Made::task($this->me, [...$this->old, 'title' => 'Done', 'done_on' => '2026-07-01']);
    Made::task(Made::person(name: 'Elif Demir'), [...$this->old, 'title' => 'Elif’s']);

    expect(($this->asked)())->toBe([['No recent activity', ['Sell the van', 'Paint the shed']], ['On the shelf', ['A boat']]]);
});

it('counts whatever is written of a task as activity, and no more than that', function (Closure $write, bool $isActivity): void {
    $task = Made::task($this->me, $this->old);
    $step = Step::query()->create(['task_id' => $task->id, 'position' => 1, 'title' => 'Ask around']);
    DB::table('tasks')->update(['changed_on' => '2026-06-01']);
    $write->call($this, $task->refresh(), $step);
    expect(($this->asked)())->toBe($isActivity ? [] : [['No recent activity', [$task->title]]]);
})->with([
    'a title' => [fn(Task $task) => $this->put("/tasks/$task->id", ['title' => 'Sell it']), true],
    'a step' => [fn(Task $task) => $this->post("/tasks/$task->id/steps", ['title' => 'Photos']), true],
    'a step that is gone' => [fn(Task $task, Step $step) => $this->delete("/steps/$step->id"), true],
    'a comment' => [fn(Task $task) => $this->post("/tasks/$task->id/comments", ['words' => 'Who wants it?']), true],
    'the same title again' => [fn(Task $task) => $this->put("/tasks/$task->id", ['title' => $task->title]), false],
    'its place among others' => [fn(Task $task) => $task->update(['position' => 900]), false],
]);

it('leaves what somebody said of a task to them: taking it back asks no more of them than saying it', function (): void {
    $task = Made::task(Made::person(name: 'Elif Demir'), [...$this->old, 'visibility' => 'everyone']);
    $this->post("/tasks/$task->id/comments", ['words' => 'Who wants it?'])->assertSessionHasNoErrors();
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(Comment::query()->count())->toBe(0);
});

it('does not ask about what was kept for a quarter', function (): void {
    $task = Made::task($this->me, [...$this->old, 'title' => 'Sell the van']);
    $this->put("/tasks/{$task->id}/keep")->assertSessionHasNoErrors();
    expect(($this->asked)())->toBe([]);
    Made::later('2027-05-11');
    expect(($this->asked)())->toBe([]);
    Made::later('2027-05-12');
    expect(($this->asked)())->toBe([['No recent activity', ['Sell the van']]]);
});

it('takes off the shelf what is given a time', function (): void {
    $task = Made::task($this->me, [...$this->old, 'shelved_on' => '2026-09-01', 'return_on' => null]);
    $this->put("/tasks/{$task->id}/plan", ['planned' => '2027-02-12'])->assertSessionHasNoErrors();
    expect($task->refresh()->shelved_on)->toBeNull()->and($task->planned)->toBe('2027-02-12');
    $this->post('/undo');
    expect((string) $task->refresh()->shelved_on)->toBe('2026-09-01');
});

it('asks about a few in the review of a week', function (): void {
    for ($number = 1; $number <= 9; $number++) {
        Made::task($this->me, [...$this->old, 'title' => "Task $number"]);
    }

    $groups = $this->props('/reviews/2027-W06')['page']['leftOver'];
    expect(array_column($groups, 'reason'))
        ->toBe(['No recent activity'])
        ->and(array_column($groups[0]['tasks'], 'title'))
        ->toBe(['Task 1', 'Task 2', 'Task 3', 'Task 4', 'Task 5'])
        ->and($groups[0]['mayKeep'])
        ->toBeTrue()
        ->and($this->props('/reviews/2027-Q1')['page']['thinning'])
        ->toBe(9);
});

it('counts what was open at the end of each month', function (): void {
    Made::task($this->me, ['created_on' => '2026-11-10', 'done_on' => '2026-12-05']);
    Made::task($this->me, ['created_on' => '2026-11-30', 'dropped_on' => '2027-01-31']);
    Made::task($this->me, ['created_on' => '2026-12-01', 'shelved_on' => '2027-02-01']);
    Made::task($this->me, ['created_on' => '2027-02-10']);
    Made::task(Made::person(name: 'Elif Demir'), ['created_on' => '2026-01-10']);

    expect(array_column($this->props('/thinning-out')['page']['months'], 'open', 'month'))->toBe([
        '2026-11' => 2,
        '2026-12' => 2,
        '2027-01' => 1,
        '2027-02' => 1,
    ]);
});

it('undoes what was decided in one go, all of it or nothing', function (): void {
    [$one, $two, $three] = [Made::task($this->me), Made::task($this->me), Made::task($this->me)];
    $batches = [];

    foreach (
        [
            ["/tasks/{$one->id}/plan", ['planned' => '2027-02-15']],
            ["/tasks/{$two->id}/aside", ['how' => 'drop']],
            ["/tasks/{$three->id}/tick", ['done' => true]],
        ] as [$address, $sent]
    ) {
        $this->put($address, $sent)->assertSessionHasNoErrors();
        $batches[] = session('change')['batch'];
    }

    $decided = Task::query()->orderBy('id')->get()->map->getAttributes()->all();
    $three->refresh()->update(['done_on' => '2027-02-09']);
    $this->post('/undo/all', ['changes' => $batches])->assertSessionHasErrors('undo');
    $three->refresh()->update(['done_on' => Made::TODAY]);
    expect(Task::query()->orderBy('id')->get()->map->getAttributes()->all())->toBe($decided);
    $this->post("/undo/{$batches[1]}")->assertSessionHasNoErrors();
    $this->post('/undo/all', ['changes' => [...$batches, session('change')['batch']]])->assertSessionHasNoErrors();

    expect($one->refresh()->planned)->toBeNull()->and($two->refresh()->dropped_on)->toBeNull()->and($three->refresh()->done_on)->toBeNull();
});

it('undoes nobody else’s decisions', function (): void {
    $task = Made::task($this->me);
    $this->put("/tasks/{$task->id}/tick", ['done' => true]);
    $batch = session('change')['batch'];
    $this->actingAs(Made::person(name: 'Elif Demir'))
        ->post('/undo/all', ['changes' => [$batch]])
        ->assertNotFound();
    $this->post('/undo/all', ['changes' => ['x']])->assertSessionHasErrors();

    expect($task->refresh()->done_on)->not->toBeNull();
});

it('goes back to where it was from any decisions, in any order', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $tasks = array_map(
        fn(int $number): Task => Made::task($this->me, [
            'title' => "Task $number",
            ...$number % 3 === 0 ? ['shelved_on' => '2026-09-01'] : [],
            ...$number % 4 === 0 ? ['planned' => '2027-W05', 'planned_from' => '2027-02-01', 'planned_to' => '2027-02-07'] : [],
        ]),
        range(1, 8),
    );
    $stored = fn(): array => DB::table('tasks')
        ->orderBy('id')
        ->get()
        ->map(
            static fn(stdClass $row): array => array_diff_key((array) $row, [
                'updated_at' => true,
                'changed_on' => true,
            ]),
        )
        ->all();
    $before = $stored();
    $batches = [];

    for ($decisions = 0; $decisions < 12; $decisions++) {
        $id = $tasks[$random->getInt(0, 7)]->id;
        [$address, $sent] = match ($random->getInt(0, 4)) {
            0 => ['keep', []],
            1 => ['tick', ['done' => true]],
            2 => ['plan', ['planned' => '2027-W0'.$random->getInt(7, 9)]],
            3 => ['aside', ['how' => 'drop']],
            default => ['aside', ['how' => 'shelve']],
        };
        $this->put("/tasks/$id/$address", $sent)->assertSessionHasNoErrors();
        $made = session('change')['batch'] ?? null;

        if ($made !== null && ! in_array($made, $batches, true)) {
            $batches[] = $made;
        }
    }

    expect($stored())->not->toEqual($before);
    $this->post('/undo/all', ['changes' => $batches])->assertSessionHasNoErrors();
    expect($stored())->toEqual($before);
})->with([1, 2, 3, 4, 5]);
