<?php

declare(strict_types=1);

use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use App\Models\Workspace;
use Database\Demo\Saltglass;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;
use Tests\Feature\Made;

/** @return list<string> every main screen, as of today, of a workspace that is full */
function screensOfToday(): array
{
    $workspace = Workspace::current();
    $calendar = $workspace->calendar();
    $today = $workspace->today();
    [$week, $quarter, $year] = [$calendar->weekOf($today)->name, $calendar->quarterOf($today)->name, $calendar->yearOf($today)->name];
    $before = $calendar->previous($calendar->weekOf($today))->name;

    return [
        '/',
        "/weeks/$week",
        "/weeks/$before",
        '/year',
        "/year/$year",
        "/year/$quarter",
        "/year?on=$today",
        '/projects?state=all',
        '/lists/today',
        '/lists',
        '/lists/not_scheduled',
        '/lists/free_time',
        '/meetings',
        '/series/new',
        '/reviews',
        '/done',
        '/catch-up',
        '/log',
        "/days/$today",
        "/reviews/$before",
        '/direction',
        '/areas',
        '/shelf',
        "/planning/$quarter/look_back",
        "/planning/$quarter/goals",
        "/planning/$quarter/hours",
        "/closing/$quarter",
        '/recurring-tasks',
        '/templates',
        '/people',
        '/tray',
        '/updates',
        '/notifications',
        '/account',
        '/goals/new',
        '/projects/new',
        '/goals/'.Goal::query()->where('period', $quarter)->value('id'),
        '/projects/'.Project::query()->value('id'),
        '/tasks/'.Task::query()->value('id'),
    ];
}

it('opens every screen of the demo on awkward days', function (string $time): void {
    Carbon::setTestNow($time);
    Saltglass::load(Day::of(Carbon::now('Europe/Copenhagen')->format('Y-m-d')));
    app()->forgetScopedInstances();
    $this->actingAs(Person::query()->where('role', 'lead')->firstOrFail());

    foreach (screensOfToday() as $screen) {
        expect($this->followingRedirects()->get($screen)->getStatusCode())->toBe(200, "$screen on $time");
    }

    // As much as on any other day.
    expect(DB::table('tasks')->count())
        ->toBe(500)
        ->and(DB::table('meetings')->count())
        ->toBe(45)
        ->and(DB::table('goals')->count())
        ->toBe(73);
})->with([
    '1 January' => '2027-01-01 08:00:00',
    '29 February' => '2028-02-29 08:00:00',
    'the night in which clocks go forward' => '2027-03-28 01:30:00',
    'the night in which clocks go back' => '2026-10-25 00:30:00',
    'the last day of a quarter and of the year' => '2027-03-31 22:30:00',
    'a Sunday' => '2026-11-29 12:00:00',
    'week 53' => '2026-12-31 23:30:00',
]);

it('opens every screen in a year that starts in July, on its first and last day', function (string $date): void {
    Made::workspace()->update(['year_starts_in' => 7, 'week_starts_on' => 'sunday']);
    Carbon::setTestNow("$date 09:00:00");
    app()->forgetScopedInstances();
    $this->actingAs($lead = Made::person(Role::Lead));
    $calendar = Workspace::current()->calendar();
    [$quarter, $year] = [$calendar->quarterOf(Day::of($date))->name, $calendar->yearOf(Day::of($date))->name];
    $this->post('/goals', ['title' => 'Forty harbours', 'period' => $year, 'measure' => 'work'])->assertSessionHasNoErrors();
    $this->post('/goals', [
        'title' => 'Ten harbours',
        'period' => $quarter,
        'measure' => 'work',
        'parent' => Goal::query()->value('id'),
    ])->assertSessionHasNoErrors();
    $project = Made::project($lead, [Goal::query()->latest('id')->firstOrFail()]);
    Made::task($lead, ['project_id' => $project->id, 'done_on' => $date]);

    foreach (screensOfToday() as $screen) {
        expect($this->followingRedirects()->get($screen)->getStatusCode())->toBe(200, "$screen on $date");
    }
})->with(['2026-07-01', '2027-06-30', '2027-12-31', '2028-02-29']);

it('shows a clock that was set as it is on the wall of the workspace', function (): void {
    Made::workspace()->update(['timezone' => 'Europe/Copenhagen']);
    Carbon::setTestNow(static fn(Carbon $now): Carbon => $now->setDateTime(2027, 2, 10, 23, 30));
    $workspace = Workspace::current();

    expect($workspace->now()->format('Y-m-d H:i'))
        ->toBe('2027-02-11 00:30')
        ->and((string) $workspace->today())
        ->toBe('2027-02-11')
        ->and($workspace->wallTime(Carbon::now()))
        ->toBe('00:30');
});
