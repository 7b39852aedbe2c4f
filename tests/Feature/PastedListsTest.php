<?php

declare(strict_types=1);

use App\Models\PlanLine;
use App\Models\RecurringTask;
use App\Models\Task;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->project = Made::project($this->mei, [], ['Prepare', 'At sea']);
    $this->actingAs($this->mei);
    $this->to = ['project' => $this->project->id, 'stage_id' => $this->project->stages[1]->id, 'isLine' => true];
});

it('makes a task of each line of a list, each read as plain English, in their order and in one step', function (): void {
    $this->post('/tasks', [
        ...$this->to,
        'lines' => ['Ring the harbour office by Friday, 30 min', 'Order shackles, to Elif', 'Rinse the tank every Thursday'],
    ])->assertSessionHasNoErrors();
    $tasks = $this->project->tasks()->get();

    expect($tasks->map(fn(Task $task): array => [$task->title, $task->owner_id, $task->minutes, $task->stage_id])->all())
        ->toBe([
            ['Ring the harbour office', $this->mei->id, 30, $this->project->stages[1]->id],
            ['Order shackles', $this->elif->id, null, $this->project->stages[1]->id],
        ])
        ->and((string) $tasks[0]->due_on)
        ->toBe('2027-02-12')
        ->and(RecurringTask::query()->sole()->title)
        ->toBe('Rinse the tank')
        ->and(session('change')['words'])
        ->toBe('Added 3 tasks');

    $this->post('/undo')->assertSessionHasNoErrors();
    expect(Task::query()->count())->toBe(0)->and(RecurringTask::query()->count())->toBe(0);
});

it('makes none where one of them is refused, and says which', function (): void {
    $this->post('/tasks', [
        ...$this->to,
        'lines' => ['Order shackles', 'Ring the office, done: in 2030'],
        'done_on' => '2030-01-01',
    ])->assertSessionHasErrors(['lines' => '“Order shackles”: This day is still to come.']);
    expect(Task::query()->count())->toBe(0);
});

it('refuses what is no list', function (mixed $lines, string $field): void {
    $this->post('/tasks', [...$this->to, 'lines' => $lines])->assertSessionHasErrors($field);
    expect(Task::query()->count())->toBe(0);
})->with([
    'nothing' => [[], 'title'],
    'an empty line' => [['Order shackles', ''], 'lines.1'],
    'a line that is none' => [['Order shackles', ['x']], 'lines.1'],
    'too many' => [array_fill(0, 101, 'x'), 'lines'],
    'one too long' => [['x', str_repeat('x', 2001)], 'lines.1'],
]);

it('adds the lines of a list to an outline, and steps to a task, all at once', function (): void {
    $this->post("/projects/{$this->project->id}/lines", ['titles' => ['Ask the diver', 'Ask the harbour']])->assertSessionHasNoErrors();
    expect(PlanLine::query()->pluck('title')->all())->toBe(['Ask the diver', 'Ask the harbour']);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(PlanLine::query()->count())->toBe(0);
    $this->post("/projects/{$this->project->id}/lines", ['titles' => ['Ask', '']])->assertSessionHasErrors('titles.1');
    $this->post("/projects/{$this->project->id}/lines", ['titles' => []])->assertSessionHasErrors('titles');
});
