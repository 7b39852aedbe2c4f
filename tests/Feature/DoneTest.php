<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\MainEffort;
use App\Models\Task;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->actingAs($this->me);
    $this->done = fn(string $query = ''): array => $this->props("/done$query")['page'];
    $this->shares = fn(string $of, string $query = ''): array => array_map(
        static fn(array $share): array => [$share['title'], $share['minutes'], $share['share'], $share['tasks']],
        ($this->done)($query)[$of],
    );
});

it('sums what was done by goal, main effort and area, with the tasks behind each', function (): void {
    $year = Made::goal($this->me, '2027', ['title' => 'Forty harbours']);
    $quarter = Made::goal($this->me, '2027-Q1', ['parent_id' => $year->id]);
    $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area']);
    $project = Made::project($this->me, [$quarter], more: ['area_id' => $area->id]);
    $effort = MainEffort::query()->create(['goal_id' => $quarter->id, 'title' => 'Visits', 'hours' => 4, 'person_id' => $this->me->id]);
    $threaded = Made::task($this->me, [
        'project_id' => $project->id,
        'done_on' => '2027-02-09',
        'minutes' => 90,
        'main_effort_id' => $effort->id,
    ]);
    $loose = Made::task($this->me, ['title' => 'Print labels', 'done_on' => '2027-02-08']);
    Made::task($this->me, ['title' => 'Last week', 'done_on' => '2027-02-05', 'minutes' => 120]);
    Made::task(Made::person(), ['title' => 'Somebody else’s', 'done_on' => '2027-02-09', 'minutes' => 600]);

    $page = ($this->done)();
    expect($page)
        ->toMatchArray(['from' => '2027-02-08', 'until' => '2027-02-14', 'minutes' => 120, 'alignment' => 75, 'minutesBefore' => 30])
        ->and(array_column($page['tasks'], 'title'))
        ->toBe(['Order shackles', 'Print labels'])
        ->and(($this->shares)('byGoal'))
        ->toBe([['Forty harbours', 90, 75, [$threaded->id]], ['Not linked to a goal', 30, 25, [$loose->id]]])
        ->and(($this->shares)('byEffort'))
        ->toBe([['Visits', 90, 75, [$threaded->id]]])
        ->and(($this->shares)('byArea'))
        ->toBe([['Moorings', 90, 75, [$threaded->id]], ['No area', 30, 25, [$loose->id]]]);
});

it('knows any span of up to a year, and none that is not one', function (): void {
    Made::task($this->me, ['done_on' => '2026-02-28', 'minutes' => 60]);
    expect(($this->done)('?from=2026-02-28&until=2026-02-28')['minutes'])
        ->toBe(60)
        ->and(($this->done)('?from=2026-02-10&until=2027-02-10')['minutes'])
        ->toBe(60)
        ->and(($this->done)('?from=2026-03-01&until=2026-03-31'))
        ->toMatchArray(['minutes' => 0, 'alignment' => null, 'byGoal' => [], 'byArea' => []]);

    foreach (['from=2027-02-11&until=2027-02-10', 'from=2026-01-01&until=2027-02-10', 'from=x', 'until[]=1', 'from=9999-01-01'] as $wrong) {
        $this->get("/done?$wrong")->assertNotFound();
    }
});

it('names no goal that one may no longer see', function (): void {
    $other = Made::person();
    $goal = Made::goal($other, '2027', ['title' => 'A secret boat', 'visibility' => Visibility::OnlyMe]);
    $task = Made::task($this->me, ['goal_id' => $goal->id, 'done_on' => '2027-02-09', 'minutes' => 60]);

    expect(($this->shares)('byGoal'))
        ->toBe([['Not linked to a goal', 60, 100, [$task->id]]])
        ->and(json_encode(($this->done)()))
        ->not->toContain('secret');
});

it('takes work that is entered afterwards, on the day on which it was done', function (): void {
    $this->post('/tasks', [
        'title' => 'Fixed the label printer, 45 min',
        'done_on' => '2027-02-05',
        'isLine' => true,
    ])->assertSessionHasNoErrors();
    $task = Task::query()->sole();
    expect([$task->title, (string) $task->done_on, $task->minutes])
        ->toBe(['Fixed the label printer', '2027-02-05', 45])
        ->and(($this->done)('?from=2027-02-05&until=2027-02-05')['minutes'])
        ->toBe(45);
    $this->post('/undo');
    expect(Task::query()->count())->toBe(0);

    $this->assertRefused('post', '/tasks', ['title' => 'x', 'done_on' => '2027-02-11'], ['done_on' => 'This day is still to come.']);
    $this->post('/tasks', ['title' => 'x', 'done_on' => '2027-02-30'])->assertSessionHasErrors('done_on');
});
