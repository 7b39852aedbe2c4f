<?php

declare(strict_types=1);

use App\Models\Helping;
use App\Models\RecurringTask;
use App\Models\Role;
use App\Models\Task;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->goal = Made::goal($this->noor, '2027-Q1');
    $this->own = Made::goal($this->noor, '2027-Q1', ['visibility' => Visibility::OnlyMe]);
    $this->project = Made::project($this->noor, [$this->goal], ['Prepare', 'At sea']);
    $this->other = Made::project($this->noor, [], ['Elsewhere']);
    $this->task = Made::task($this->noor, ['project_id' => $this->project->id]);
    $this->alone = Made::task($this->noor, ['title' => 'Alone']);
    $this->private = Made::task($this->noor, ['title' => 'Private', 'visibility' => Visibility::OnlyMe]);
    $this->actingAs($this->noor);
});

it('adds no task that belongs nowhere, to two, or where it would be seen by the wrong people', function (): void {
    $add = fn(array $sent, array $errors) => $this->assertRefused('post', '/tasks', ['title' => 'Cast sinkers', ...$sent], $errors);
    $add(
        ['project' => $this->project->id, 'goal' => $this->goal->id],
        [
            'goal' => 'A task can belong to a project or a goal, not both.',
        ],
    );
    $add(['goal' => 999], ['goal' => 'This goal no longer exists.']);
    $add(['project' => 999], ['project' => 'This project no longer exists.']);
    $add(['project' => $this->project->id, 'stage_id' => $this->other->stages[0]->id], ['stage' => 'This stage no longer exists.']);
    $add(
        ['project' => $this->project->id, 'isPrivate' => true],
        ['isPrivate' => 'Tasks of a project are visible to everyone who can see the project.'],
    );
    $add(['isPrivate' => true, 'owner_id' => $this->mei->id], ['isPrivate' => 'A private task must be your own.']);
    $add(['goal' => $this->own->id, 'owner_id' => $this->mei->id], ['owner_id' => 'Mei Tanaka cannot see “Goal of 2027-Q1”.']);
    $add(
        ['goal' => $this->goal->id, 'isPrivate' => true],
        [
            'isPrivate' => 'A private task cannot count towards a goal visible to everyone.',
        ],
    );
    expect(Task::query()->count())->toBe(3);
});

it('hands a private task over to nobody', function (): void {
    $this->assertRefused(
        'put',
        "/tasks/{$this->private->id}",
        ['owner_id' => $this->mei->id],
        [
            'owner_id' => 'They cannot see this task, so it cannot be handed over to them.',
        ],
    );
    $this->assertRefused(
        'put',
        "/tasks/{$this->private->id}/helpers",
        ['people' => [$this->mei->id]],
        [
            'people' => 'Mei Tanaka cannot see “Private”.',
        ],
    );
    expect($this->private->refresh()->owner_id)->toBe($this->noor->id);
});

it('moves a task only where it has a place, and where the same people see it', function (): void {
    $place = "/tasks/{$this->task->id}/place";
    $this->assertRefused(
        'put',
        "/tasks/{$this->alone->id}/place",
        ['stage' => null],
        [
            'stage' => '“Alone” is not in a project, so it has no stage or order.',
        ],
    );
    $this->assertRefused('put', $place, ['stage' => $this->other->stages[0]->id], ['stage' => 'This stage no longer exists.']);
    $this->assertRefused(
        'put',
        $place,
        ['before' => $this->alone->id],
        [
            'before' => 'The task it should go before has moved or no longer exists. Please try again.',
        ],
    );

    $to = fn(Task $task, array $sent, array $errors) => $this->assertRefused('put', "/tasks/$task->id/belongs", $sent, $errors);
    $to(
        $this->task,
        ['project' => $this->other->id, 'goal' => $this->goal->id],
        [
            'goal' => 'A task can belong to a project or a goal, not both.',
        ],
    );
    $to($this->task, ['project' => 999], ['project' => 'This project no longer exists.']);
    $to($this->task, ['goal' => 999], ['goal' => 'This goal no longer exists.']);
    $to(
        $this->private,
        ['project' => $this->other->id],
        [
            'project' => '“Private” is not visible to everyone, and “Moorings Orkney” is.',
        ],
    );
    $to($this->private, ['goal' => $this->goal->id], ['goal' => '“Private” is not visible to everyone, and “Goal of 2027-Q1” is.']);
    Helping::query()->create(['task_id' => $this->alone->id, 'person_id' => $this->mei->id]);
    $to($this->alone, ['goal' => $this->own->id], ['goal' => 'Mei Tanaka cannot see “Goal of 2027-Q1”.']);
});

it('changes all of many tasks or none', function (): void {
    $many = [$this->task->id, $this->alone->id];
    $this->assertRefused(
        'put',
        '/tasks/many',
        ['tasks' => [...$many, 999], 'what' => 'tick'],
        [
            'tasks' => 'One of these tasks no longer exists. Nothing was changed.',
        ],
    );
    $this->private->update(['owner_id' => $this->mei->id]);
    $this->assertRefused(
        'put',
        '/tasks/many',
        ['tasks' => [...$many, $this->private->id], 'what' => 'drop'],
        [
            'tasks' => 'One of these tasks no longer exists. Nothing was changed.',
        ],
    );
    expect(Task::query()->whereNotNull('done_on')->orWhereNotNull('dropped_on')->count())->toBe(0);
});

it('lets no tasks wait for each other in a loop', function (): void {
    $second = Made::task($this->noor, ['project_id' => $this->project->id, 'title' => 'Second']);
    $this->put("/tasks/$second->id/after", ['after' => [$this->task->id]])->assertSessionHasNoErrors();
    $before = $this->task->dependencies()->count();
    $this->put("/tasks/{$this->task->id}/after", ['after' => [$second->id]])->assertSessionHasErrors('after');
    $this->put("/tasks/{$this->task->id}/after", ['after' => [$this->task->id]])->assertSessionHasErrors('after');
    expect($this->task->dependencies()->count())->toBe($before);
});

it('makes a recurringTask that comes round, and that is seen where it belongs', function (): void {
    $make = fn(array $sent, array $errors) => $this->assertRefused(
        'post',
        '/recurring-tasks',
        ['title' => 'Rinse the test tank', 'kind' => 'task', 'words' => 'every week', ...$sent],
        $errors,
    );
    $make(['goal' => 999], ['goal' => 'This goal no longer exists.']);
    $make(['kind' => 'pieces'], ['perQuarter' => 'Enter the number of items per quarter.']);
    $make(['isPrivate' => true, 'owner' => $this->mei->id], ['isPrivate' => 'A private recurring task must be your own.']);
    $make(
        ['isPrivate' => true, 'project' => $this->project->id],
        [
            'isPrivate' => 'Shared recurring tasks are visible to everyone, those of a project to everyone who can see it.',
        ],
    );
    $make(
        ['isPrivate' => true, 'goal' => $this->goal->id],
        ['goal' => 'This goal and the recurring task are not visible to the same people.'],
    );
    $make(['goal' => $this->own->id], ['goal' => 'This goal and the recurring task are not visible to the same people.']);
    expect(RecurringTask::query()->count())->toBe(0);
});

it('brings a recurring task’s task once, creates what is missing, and skips only what comes back', function (): void {
    $this->post('/recurring-tasks', ['title' => 'Rinse the tank', 'kind' => 'task', 'words' => 'when needed'])->assertSessionHasNoErrors();
    $recurringTask = RecurringTask::query()->firstOrFail();
    $this->post("/recurring-tasks/$recurringTask->id/now")->assertSessionHasNoErrors();
    $this->assertRefused('post', "/recurring-tasks/$recurringTask->id/now", [], ['recurringTask' => 'It already has an open task.']);
    $this->assertRefused(
        'post',
        "/recurring-tasks/$recurringTask->id/pieces",
        [],
        ['recurringTask' => 'Only a quarterly output has items to create.'],
    );
    $this->assertRefused('put', "/tasks/{$this->alone->id}/skip", [], ['task' => 'This task is not recurring. Drop it instead.']);

    $this->post('/recurring-tasks', ['title' => 'Letter', 'kind' => 'pieces', 'words' => 'every month', 'perQuarter' => 2]);
    $letters = RecurringTask::query()->latest('id')->firstOrFail();
    $this->post("/recurring-tasks/$letters->id/pieces")->assertSessionHasNoErrors();
    $this->assertRefused(
        'post',
        "/recurring-tasks/$letters->id/pieces",
        [],
        ['recurringTask' => 'All items of this quarter already exist.'],
    );
    expect($letters->tasks()->count())->toBe(2);
});

it('saves no list whose conditions say nothing', function (): void {
    $conditions = [['field' => 'owner', 'value' => 'me'], ['field' => 'project', 'value' => '999']];
    $this->assertRefused(
        'post',
        '/lists',
        ['title' => 'Mine', 'conditions' => $conditions],
        [
            'conditions.1.value' => 'Choose a value.',
        ],
    );
});
