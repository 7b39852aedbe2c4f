<?php

declare(strict_types=1);

use App\Models\Goal;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->year = Made::goal($this->me, '2027', ['title' => 'Forty harbours', 'tasks_weight' => 3]);
    $this->actingAs($this->me);
    $this->values = fn(Goal $goal): array => $this->props("/goals/{$goal->id}/edit")['page']['goal'];
});

it('keeps the weight of a goal’s own tasks when something else of it is changed, and takes another', function (): void {
    $values = ($this->values)($this->year);
    expect((float) $values['tasksWeight'])->toBe(3.0);
    $this->put("/goals/{$this->year->id}", [
        'title' => 'Fifty harbours',
        'seen' => ['title' => 'Forty harbours'],
    ])->assertSessionHasNoErrors();
    expect((float) $this->year->refresh()->tasks_weight)->toBe(3.0);
    $this->put("/goals/{$this->year->id}", [
        'tasksWeight' => '0.5',
        'seen' => ['tasksWeight' => $values['tasksWeight']],
    ])->assertSessionHasNoErrors();
    expect((float) $this->year->refresh()->tasks_weight)->toBe(0.5);
    $this->put("/goals/{$this->year->id}", ['tasksWeight' => '0', 'seen' => ['tasksWeight' => '0.5']])->assertSessionHasErrors(
        'tasksWeight',
    );
});

it('counts whole things', function (string $target, bool $isTaken): void {
    $sent = $this->post('/goals', ['title' => 'Contracts', 'period' => '2027-Q1', 'measure' => 'count', 'target' => $target]);
    $isTaken ? $sent->assertSessionHasNoErrors() : $sent->assertSessionHasErrors(['target' => 'Enter a whole number: things are counted.']);

    expect(Goal::query()->where('title', 'Contracts')->exists())->toBe($isTaken);
})->with([['8', true], ['8.0', true], ['8.5', false], ['-3', false]]);

it('takes a number that is not whole as the target of a number', function (): void {
    $this->post('/goals', [
        'title' => 'Failures',
        'period' => '2027-Q1',
        'measure' => 'number',
        'start' => '7.5',
        'target' => '3.5',
    ])->assertSessionHasNoErrors();
});

it('offers a goal none that is beneath it as its parent, nor itself', function (): void {
    $quarter = Made::goal($this->me, '2027-Q1', ['title' => 'Ten', 'parent_id' => $this->year->id]);
    $week = Made::goal($this->me, '2027-W07', ['title' => 'Two', 'parent_id' => $quarter->id]);
    $other = Made::goal($this->me, '2027', ['title' => 'Revenue']);
    $offered = fn(Goal $goal): array => array_column($this->props("/goals/{$goal->id}/edit")['page']['parents'], 'value');

    expect($offered($this->year))
        ->toBe([(string) $other->id])
        ->and($offered($quarter))
        ->toEqualCanonicalizing([(string) $this->year->id, (string) $other->id])
        ->and($offered($week))
        ->toContain((string) $quarter->id)
        ->not->toContain((string) $week->id);
});

it('shows what a new goal would do to the figures above it, and keeps nothing of it', function (): void {
    $done = Made::goal($this->me, '2027-Q1', ['title' => 'Ten', 'parent_id' => $this->year->id]);
    Made::task($this->me, ['goal_id' => $done->id, 'done_on' => '2027-02-01', 'created_on' => '2027-01-04']);
    $preview = fn(array $more): array => $this->postJson('/goals/preview', [
        'title' => 'New',
        'period' => '2027-Q1',
        'measure' => 'number',
        'start' => '0',
        'target' => '10',
        ...$more,
    ])
        ->assertOk()
        ->json('figures');
    $figures = $preview(['parent' => $this->year->id]);

    expect(array_map(static fn(array $each): array => [$each['title'], $each['before']['terms'], $each['after']['terms']], $figures))
        ->toBe([['Forty harbours', '100%', '50%']])
        ->and($preview([]))
        ->toBe([])
        ->and(Goal::query()->where('title', 'New')->exists())
        ->toBeFalse();
    $this->postJson('/goals/preview', ['title' => '', 'period' => '2027-Q1', 'measure' => 'work'])->assertUnprocessable();
    $this->postJson('/goals/preview', ['title' => 'x', 'period' => 'soon', 'measure' => 'work'])->assertUnprocessable();
});

it('lets nobody learn of a hidden goal by trying to put one beneath it', function (): void {
    $hidden = Made::goal(Made::person(name: 'Mei Tanaka'), '2027', ['visibility' => 'only_me']);
    $sent = ['title' => 'New', 'period' => '2027-Q1', 'measure' => 'work'];
    $there = $this->postJson('/goals/preview', [...$sent, 'parent' => $hidden->id]);
    $nowhere = $this->postJson('/goals/preview', [...$sent, 'parent' => 999_999]);

    expect($there->status())->toBe($nowhere->status())->and($there->json())->toBe($nowhere->json());
});

it('counts a new goal from today once a tenth of its period is over, unless it is told otherwise', function (
    array $said,
    array $checkpoints,
): void {
    $this->post('/goals', ['title' => 'Late', 'period' => '2027-Q1', 'measure' => 'work', ...$said])->assertSessionHasNoErrors();
    $goal = Goal::query()->where('title', 'Late')->firstOrFail();
    $page = $this->props("/goals/$goal->id")['page'];

    expect($goal->checkpoints->map(fn($point): array => [(string) $point->on, (float) $point->fraction])->all())
        ->toBe($checkpoints)
        ->and($page['goal']['gauge']['expected'])
        ->toEqual($checkpoints === [['2027-02-09', 0.0]] ? 0.0 : $page['goal']['gauge']['expected']);
})->with([
    'as proposed' => [[], [['2027-02-09', 0.0]]],
    'not' => [['fromToday' => 'no'], []],
    'early in a longer one' => [['period' => '2027', 'fromToday' => 'yes'], [['2027-02-09', 0.0]]],
    'in a week' => [['period' => '2027-W06'], [['2027-02-09', 0.0]]],
    'in a period to come' => [['period' => '2027-Q2', 'fromToday' => 'yes'], []],
    'with a checkpoint of its own before' => [
        ['checkpoints' => [['on' => '2027-02-05', 'percent' => 20]]],
        [['2027-02-05', 0.2]],
    ],
    'with one after' => [['checkpoints' => [['on' => '2027-03-01', 'percent' => 20]]], [['2027-02-09', 0.0], ['2027-03-01', 0.2]]],
    'a limit' => [['measure' => 'keep', 'limit' => '5'], []],
    'yes or no' => [['measure' => 'yes_no'], []],
]);
