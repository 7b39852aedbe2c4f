<?php

declare(strict_types=1);

use App\Models\Attendance;
use App\Models\Task;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->actingAs($this->me);
    $this->passes = fn(): array => array_column($this->props('/')['page']['passes'], 'detail', 'kind');
    $this->page = fn(): array => $this->props('/catch-up')['page'];
    // The last thing that they did.
    $this->post('/jots', ['words' => 'Last thing']);
});

it('asks nobody who was there, and whoever comes back', function (): void {
    Made::later('2027-02-15');
    expect(($this->passes)())->not->toHaveKey('catch-up');
    Made::later('2027-02-24');
    expect(($this->passes)()['catch-up'])
        ->toBe('Away 11 Feb to 23 Feb')
        ->and($this->props('/')['page']['passes'][0]['kind'])
        ->toBe('catch-up');
    $this->actingAs(Made::person());
    expect(($this->passes)())->not->toHaveKey('catch-up');
});

it('shows what was missed, and what is to be decided', function (): void {
    $late = Made::task($this->me, ['title' => 'Late', 'due_on' => '2027-02-15']);
    $carried = Made::task($this->me, ['title' => 'Carried', 'planned' => '2027-W06']);
    Made::task($this->me, ['title' => 'Ahead', 'planned' => '2027-W09']);
    Made::task(Made::person(), ['title' => 'Somebody else’s', 'due_on' => '2027-02-15']);
    $series = Made::series([$this->me], ['rule' => 'FREQ=WEEKLY;BYDAY=WE']);
    $meeting = $series->meetings()->create([
        'on' => '2027-02-17',
        'time' => '09:15',
        'minutes' => 30,
        'opened_at' => '2027-02-17 09:15',
        'closed_at' => '2027-02-17 09:45',
    ]);
    Attendance::query()->create(['meeting_id' => $meeting->id, 'person_id' => $this->me->id, 'was_there' => false]);
    Made::later('2027-02-24');

    $page = ($this->page)();
    expect([$page['from'], $page['until'], $page['tray']])
        ->toBe(['2027-02-11', '2027-02-23', 1])
        ->and(array_column($page['late'], 'title'))
        ->toBe(['Late'])
        ->and(array_column($page['carried'], 'title'))
        ->toBe(['Carried'])
        ->and(array_column($page['meetings'], 'on'))
        ->toBe(['2027-02-17'])
        ->and(array_column($page['weeks'], 'name'))
        ->toBe(['2027-W06', '2027-W07']);

    $this->put('/tasks/many', ['tasks' => [$late->id, $carried->id], 'what' => 'plan', 'value' => '2027-W08'])->assertSessionHasNoErrors();
    expect(Task::query()->where('planned', '2027-W08')->count())
        ->toBe(2)
        // Having begun to catch up is not to have caught up.
        ->and(($this->passes)())
        ->toHaveKey('catch-up');
    $this->post('/undo');
    expect(Task::query()->where('planned', '2027-W08')->count())->toBe(0);
});

it('is over once one says so, until one is away again', function (): void {
    Made::later('2027-02-24');
    $this->post('/catch-up')->assertRedirect('/week');
    expect(($this->passes)())->not->toHaveKey('catch-up')->and(($this->page)()['from'])->toBeNull();
    $this->post('/undo');
    expect(($this->passes)())->toHaveKey('catch-up');
    $this->post('/catch-up');
    Made::later('2027-03-20');
    expect(($this->passes)()['catch-up'])->toBe('Away 25 Feb to 19 Mar');
});
