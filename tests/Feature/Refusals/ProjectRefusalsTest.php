<?php

declare(strict_types=1);

use App\Models\Field;
use App\Models\PlanLine;
use App\Models\Role;
use App\Models\Template;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->project = Made::project($this->mei, [], ['Prepare', 'At sea']);
    $this->actingAs($this->mei);
});

it('lets only a lead make a project somebody else’s', function (): void {
    $words = ['owner' => 'Only a lead can give a project to somebody else.'];
    $this->assertRefused('post', '/projects', ['title' => 'Jutland', 'owner' => $this->noor->id], $words);
    $this->assertRefused('put', "/projects/{$this->project->id}", ['title' => 'Jutland', 'owner' => $this->noor->id], $words);
    $this->actingAs($this->noor)
        ->put("/projects/{$this->project->id}", ['title' => 'Jutland', 'owner' => $this->noor->id])
        ->assertSessionHasNoErrors();
});

it('serves only goals that its owner sees', function (): void {
    $hidden = Made::goal($this->noor, '2027-Q1', ['visibility' => Visibility::OnlyMe]);

    foreach ([$hidden->id, 999] as $goal) {
        $this->assertRefused(
            'post',
            '/projects',
            ['title' => 'Jutland', 'serves' => [['goal' => $goal, 'weight' => '1']]],
            [
                'serves' => 'One of these goals no longer exists.',
            ],
        );
    }
});

it('lets the last of several stages hold what is done, once nothing in it is open', function (): void {
    $stages = static fn(array $of): array => array_map(static fn($stage): array => ['id' => $stage->id, 'name' => $stage->name], $of);
    $this->assertRefused(
        'post',
        '/projects',
        ['title' => 'Jutland', 'stages' => [['name' => 'One']], 'lastIsDone' => true],
        [
            'lastIsDone' => 'This needs at least two stages.',
        ],
    );
    Made::task($this->mei, ['project_id' => $this->project->id, 'stage_id' => $this->project->stages[1]->id]);
    $sent = ['title' => 'Moorings', 'stages' => $stages($this->project->stages->all()), 'lastIsDone' => true];
    $this->assertRefused('put', "/projects/{$this->project->id}", $sent, [
        'lastIsDone' => '“At sea” still has open tasks. Move or complete them first.',
    ]);
    expect($this->project->refresh()->last_is_done)->toBeFalse();
});

it('makes a task of a line of the outline once', function (): void {
    $line = PlanLine::query()->create(['project_id' => $this->project->id, 'title' => 'Ask the diver']);
    $this->post("/lines/$line->id/promote")->assertSessionHasNoErrors();
    $this->assertRefused('post', "/lines/$line->id/promote", [], ['line' => 'This is already a task.']);
    expect($this->project->tasks()->count())->toBe(1);
});

it('keeps fields that can be filled in', function (): void {
    $this->actingAs($this->noor);
    $this->post('/fields', ['name' => 'Depth', 'kind' => 'number'])->assertSessionHasNoErrors();
    $this->assertRefused('post', '/fields', ['name' => 'Depth', 'kind' => 'text'], ['name' => 'There is already a field with this name.']);
    $this->assertRefused(
        'post',
        '/fields',
        ['name' => 'Bottom', 'kind' => 'choice', 'choices' => 'Sand'],
        [
            'choices' => 'Enter at least two choices, one per line.',
        ],
    );
    $this->post('/fields', ['name' => 'Bottom', 'kind' => 'choice', 'choices' => "Sand\nRock"]);
    $this->post('/fields', ['name' => 'Surveyed', 'kind' => 'date']);

    foreach (['Depth' => 'deep', 'Bottom' => 'Mud', 'Surveyed' => '2027-02-30'] as $name => $value) {
        $field = Field::query()->where('name', $name)->firstOrFail();
        $this->assertRefused(
            'put',
            "/projects/{$this->project->id}/fields/$field->id",
            ['value' => $value],
            [
                'value' => "“{$value}” is not valid for $name.",
            ],
        );
    }
});

it('keeps templates apart by name, and their tasks in stages that are there', function (): void {
    $this->post('/templates', ['title' => 'A mooring', 'stages' => ['Before']])->assertSessionHasNoErrors();
    $this->assertRefused('post', '/templates', ['title' => 'A mooring'], ['title' => 'There is already a template with this name.']);
    $tasks = [['title' => 'Ask'], ['title' => 'Sink', 'stage' => 'After']];
    $this->assertRefused(
        'post',
        '/templates',
        ['title' => 'Another', 'stages' => ['Before'], 'tasks' => $tasks],
        [
            'tasks.1.stage' => 'This stage does not exist.',
        ],
    );
    expect(Template::query()->count())->toBe(1);
});

it('takes nothing from a template that is gone', function (): void {
    $this->assertRefused(
        'put',
        "/projects/{$this->project->id}/template",
        ['tasks' => []],
        ['template' => 'The template no longer exists.'],
    );
});
