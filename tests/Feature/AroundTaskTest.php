<?php

declare(strict_types=1);

use App\Models\Dependency;
use App\Models\Step;
use App\Models\Task;
use App\Models\Visibility;
use App\Queries\Projects\WorkCounts;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->actingAs($this->me);
    $this->page = fn(Task $task): array => $this->props("/tasks/$task->id")['page'];
});

it('shows what a task is for, from the goal at the top down to its project', function (): void {
    $year = Made::goal($this->me, more: ['title' => 'Forty harbours']);
    $quarter = Made::goal($this->me, '2027-Q1', ['title' => 'Ten harbours', 'parent_id' => $year->id]);
    $project = Made::project($this->me, [$quarter], more: ['title' => 'Moorings']);

    expect(array_column(($this->page)(Made::task($this->me, ['project_id' => $project->id]))['thread'], 'label'))
        ->toBe(['Forty harbours', 'Ten harbours', 'Moorings'])
        ->and(array_column(($this->page)(Made::task($this->me, ['goal_id' => $quarter->id]))['thread'], 'label'))
        ->toBe(['Forty harbours', 'Ten harbours'])
        ->and(($this->page)(Made::task($this->me))['thread'])
        ->toBe([]);
});

it('leaves goals out of the thread that the reader may not see', function (): void {
    $other = Made::person(name: 'Elif Kaya');
    $hidden = Made::goal($other, more: ['title' => 'A secret', 'visibility' => Visibility::OnlyMe]);
    $project = Made::project($this->me, [$hidden], more: ['title' => 'Moorings']);

    expect(array_column(($this->page)(Made::task($this->me, ['project_id' => $project->id]))['thread'], 'label'))->toBe(['Moorings']);
});

it('says what its end will move, as it then does', function (string $weighing, ?int $minutes): void {
    $project = Made::project($this->me, more: ['weighing' => $weighing, 'title' => 'Moorings']);
    $task = Made::task($this->me, ['project_id' => $project->id, 'minutes' => $minutes]);
    Step::query()->create(['task_id' => $task->id, 'position' => 1, 'title' => 'Half of it', 'done_on' => '2027-02-01']);
    Step::query()->create(['task_id' => $task->id, 'position' => 2, 'title' => 'The rest']);
    Made::task($this->me, ['project_id' => $project->id, 'minutes' => 30, 'done_on' => '2027-02-01']);
    Made::task($this->me, ['project_id' => $project->id, 'minutes' => 45]);
    $said = ($this->page)($task)['whenDone'];
    $now = fn(): ?int => app(WorkCounts::class)->of([$project->id])->of($project->id)?->progress?->percent();
    $before = $now();
    $this->put("/tasks/$task->id/tick", ['done' => true])->assertSessionHasNoErrors();

    expect($said)
        ->toMatchArray($weighing === 'effort' && $minutes === null
            ? ['project' => null]
            : ['project' => 'Moorings', 'before' => $before, 'after' => $now()])
        ->and(($this->page)($task)['whenDone'])
        ->toBeNull();
})->with([
    'alike' => ['count', null],
    'by estimated time' => ['effort', 90],
]);

it('says which tasks can start then: those that depend on nothing else', function (): void {
    $project = Made::project($this->me);
    $of = fn(string $title, array $more = []): Task => Made::task($this->me, ['project_id' => $project->id, 'title' => $title, ...$more]);
    [$task, $other] = [$of('This'), $of('Another')];
    $after = fn(Task $late, Task ...$first): array => array_map(
        static fn(Task $each): Dependency => Dependency::query()->create(['task_id' => $late->id, 'after_id' => $each->id]),
        $first,
    );
    $after($of('Can start'), $task);
    $after($of('Needs both'), $task, $other);
    $after($of('Waits for somebody', ['waiting_on' => 'the mill']), $task);
    $after($of('Done', ['done_on' => '2027-02-01']), $task);

    expect(array_column(($this->page)($task)['whenDone']['starts'], 'label'))->toBe(['Can start']);
});

it('keeps where it stood before it was carried over', function (): void {
    $page = ($this->page)(Made::task($this->me, ['planned' => '2027-W03']));
    expect([$page['firstPlanned']['first'], $page['planned']['first']])
        ->toBe(['2027-01-18', '2027-02-08'])
        ->and(($this->page)(Made::task($this->me, ['planned' => '2027-02-12']))['firstPlanned'])
        ->toBeNull();
});
