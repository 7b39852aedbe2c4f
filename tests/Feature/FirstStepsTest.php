<?php

declare(strict_types=1);

use App\Models\Person;
use App\Models\Role;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->step = function (?Person $who = null): ?array {
        $this->actingAs($who ?? $this->lead);
        $first = collect($this->props('/')['page']['passes'])->firstWhere('kind', 'first');

        return $first === null ? null : [$first['title'], $first['detail'], $first['link']];
    };
});

it('leads from the year down to the first review, a step at a time, each by what is really there', function (): void {
    expect(($this->step)())->toBe(['Write the first goal of the year', 'First steps, 1 of 8', '/goals/new?period=2027']);

    $this->post('/goals', ['title' => 'A second shop', 'period' => '2027', 'measure' => 'work'])->assertSessionHasNoErrors();
    expect(($this->step)()[0])->toBe('Write a goal of this quarter');
    $this->post('/goals', ['title' => 'The lease is signed', 'period' => '2027-Q1', 'measure' => 'yes_no'])->assertSessionHasNoErrors();
    expect(($this->step)()[0])->toBe('Add the first project');
    $this->post('/projects', ['title' => 'Find a shop'])->assertSessionHasNoErrors();
    expect(($this->step)())->toBe(['Add its first tasks', 'First steps, 4 of 8', '/projects']);
    $this->post('/tasks', ['title' => 'See three rooms'])->assertSessionHasNoErrors();
    expect(($this->step)()[0])->toBe('Add the people around you');
    $mei = Made::person(name: 'Mei Tanaka');
    expect(($this->step)()[0])->toBe('Add a weekly meeting');
    Made::series([$this->lead]);
    expect(($this->step)()[0])->toBe('Set a goal for this week');
    $this->post('/goals', ['title' => 'Three rooms seen', 'period' => '2027-W06', 'measure' => 'work'])->assertSessionHasNoErrors();
    expect(($this->step)())->toBe(['Finish the first review', 'First steps, 8 of 8', '/reviews/2027-W06']);
    $this->post('/reviews/2027-W06/hold')->assertSessionHasNoErrors();
    expect([($this->step)(), ($this->step)($mei)])->toBe([null, null]);

    // What is undone is to be done again.
    $this->actingAs($this->lead)->post('/reviews/2027-W06/reopen')->assertSessionHasNoErrors();
    expect(($this->step)()[0])->toBe('Finish the first review');
});

it('is for leads of a workspace that is new, and counts nothing that they may not see', function (): void {
    $mei = Made::person(name: 'Mei Tanaka');
    Made::goal($mei, '2027', ['title' => 'Hers', 'visibility' => Visibility::OnlyMe]);
    expect([($this->step)()[0], ($this->step)($mei)])->toBe(['Write the first goal of the year', null]);

    Made::later('2027-03-20');
    expect(($this->step)())->toBeNull();
});
