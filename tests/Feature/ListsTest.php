<?php

declare(strict_types=1);

use App\Models\Dependency;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Queries\Lists\OwnTasks;
use App\Queries\Lists\TaskList;
use Loftrin\Core\Calendar\Day;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->mei);
    $this->titles = fn(string $address): array => array_column(
        array_merge(...array_column($this->props($address)['page']['groups'], 'tasks')),
        'title',
    );
});

/** Tasks of all sorts, in and out of projects, each with a time of any kind or none. */
function scatter(int $count, int $seed): void
{
    $random = new Randomizer(new Mt19937($seed));
    $owner = Person::query()->firstOrFail();
    $projects = [];

    foreach (['active', 'active', 'paused', 'proposed', 'shelved', 'dropped', 'done'] as $place => $state) {
        $projects[] = Made::project(
            $owner,
            [],
            ['First', 'Second', 'Third'],
            ['title' => "Project $place", 'state' => $state, 'order' => $place === 0 ? 'staged' : 'any'],
        );
    }

    $times = [
        null,
        null,
        '2026-12-28',
        '2027-02-08',
        '2027-02-10',
        '2027-02-11',
        '2027-02-14',
        '2027-02-15',
        '2026-W50',
        '2027-W06',
        '2027-W07',
        '2027-W30',
        '2027-01',
        '2027-02',
        '2027-06',
        '2026-Q4',
        '2027-Q1',
        '2027-Q3',
        '2027',
        '2028',
    ];
    $dues = [null, null, null, '2026-11-01', '2027-02-09', '2027-02-10', '2027-02-14', '2027-02-15', '2027-12-01'];
    $pick = fn(array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
    $maybe = fn(mixed $value, int $of): mixed => $random->getInt(1, $of) === 1 ? $value : null;

    for ($number = 0; $number < $count; $number++) {
        $project = $pick([null, null, ...$projects]);
        $planned = $pick($times);
        Made::task($owner, [
            'title' => "Task $number",
            'project_id' => $project?->id,
            'stage_id' => $project === null ? null : $pick([null, ...$project->stages->pluck('id')->all()]),
            'planned' => $planned,
            'due_on' => $pick($dues),
            'put_back_on' => $planned === null ? $maybe('2027-02-01', 3) : null,
            'done_on' => $maybe('2027-02-05', 6),
            'dropped_on' => $maybe('2027-02-05', 9),
            'shelved_on' => $maybe('2027-02-05', 9),
            'waiting_on' => $maybe('Kirkwall', 6),
            'focus' => $pick([null, 'full', 'little']),
            'minutes' => $pick([null, 10, 30, 60]),
        ]);
    }

    foreach (Task::query()->whereNotNull('project_id')->get() as $task) {
        $other = Task::query()->where('project_id', $task->project_id)->where('id', '<', $task->id)->inRandomOrder()->first();

        if ($other !== null && $random->getInt(1, 4) === 1) {
            Dependency::query()->create(['task_id' => $task->id, 'after_id' => $other->id]);
        }
    }
}

it('holds every open task in at least one list', function (int $seed): void {
    scatter(250, $seed);
    $lists = app(OwnTasks::class);
    $in = fn(TaskList ...$of): array => collect($of)
        ->flatMap(fn(TaskList $list): array => $lists->in($list, $this->mei, 30, Day::of('2027-02-01'))->pluck('id')->all())
        ->unique()
        ->sort()
        ->values()
        ->all();
    $open = Task::query()->onLists()->orderBy('id')->pluck('id')->all();

    expect($open)
        ->not->toBe([])
        ->and($in(TaskList::Late, TaskList::Today, TaskList::Week, TaskList::Ahead, TaskList::NotScheduled))
        ->toBe($open);

    // What is in no list is done, set aside, or belongs to a project that is.
    $rest = Task::query()->whereNotIn('id', $open)->with('project')->get();
    expect(
        $rest->every(
            fn(Task $task): bool => $task->done_on !== null ||
                $task->dropped_on !== null ||
                $task->shelved_on !== null ||
                in_array($task->project?->state->value, ['shelved', 'dropped'], true),
        ),
    )->toBeTrue();
})->with([1, 2, 3]);

it('shows a long list a part at a time', function (): void {
    for ($number = 1; $number <= 110; $number++) {
        Made::task($this->mei, ['title' => "Task $number"]);
    }

    $shown = fn(string $address): int => array_sum(
        array_map(static fn(array $group): int => count($group['tasks']), $this->props($address)['page']['groups']),
    );
    expect($shown('/lists/not_scheduled'))
        ->toBe(100)
        ->and($this->props('/lists/not_scheduled')['page']['total'])
        ->toBe(110)
        ->and($shown('/lists/not_scheduled?shown=200'))
        ->toBe(110)
        ->and($shown('/lists/not_scheduled?shown=-5'))
        ->toBe(100)
        ->and($shown('/lists/new?conditions[0][field]=owner&conditions[0][value]=me'))
        ->toBe(100)
        ->and($shown('/lists/new?conditions[0][field]=owner&conditions[0][value]=me&shown=200'))
        ->toBe(110);
});

it('shows what is left of the week beside what has no time', function (): void {
    Made::series([$this->mei], ['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'minutes' => 45]);
    Made::task($this->mei, ['planned' => '2027-02-11', 'planned_from' => '2027-02-11', 'planned_to' => '2027-02-11', 'minutes' => 90]);
    Made::task($this->mei, [
        'planned' => '2027-02-09',
        'planned_from' => '2027-02-09',
        'planned_to' => '2027-02-09',
        'done_on' => '2027-02-09',
    ]);
    $days = $this->props('/lists/not_scheduled')['page']['days'];

    expect(array_column($days, 'on'))
        ->toBe(['2027-02-10', '2027-02-11', '2027-02-12'])
        ->and($days[1]['planned'])
        ->toBe(90)
        ->and($days[1]['meetings'][0]['title'])
        ->toBe('Team meeting')
        ->and($days[1]['free'])
        ->toBe(8 * 60 - 45 - 90)
        ->and($this->props('/lists/late')['page']['days'])
        ->toBe([]);
});

it('puts each task where people look for it', function (array $task, array $lists): void {
    Made::task($this->mei, ['title' => 'It', ...$task]);
    Made::task(Made::person(), ['title' => 'It', ...$task]);
    $found = collect($this->props('/lists')['page']['lists'])
        ->filter(fn(array $each): bool => $each['count'] > 0)
        ->pluck('list')
        ->all();

    expect($found)->toBe($lists);

    foreach ($lists as $list) {
        expect(($this->titles)("/lists/$list"))->toBe(['It']);
    }
})->with([
    'late' => [['due_on' => '2027-02-09', 'minutes' => 60], ['late']],
    'today' => [['planned' => '2027-02-10', 'minutes' => 60], ['today', 'week']],
    'came along into today' => [['planned' => '2027-02-09', 'minutes' => 60], ['today', 'week']],
    'due today' => [['due_on' => '2027-02-10', 'minutes' => 60], ['today', 'week']],
    'from an earlier week' => [['planned' => '2027-W04', 'minutes' => 60], ['week']],
    'next week' => [['planned' => '2027-W07', 'minutes' => 60], ['ahead']],
    'a month that has begun' => [['planned' => '2027-02', 'minutes' => 60], ['ahead']],
    'due much later' => [['due_on' => '2027-11-01', 'minutes' => 60], ['ahead']],
    'put back' => [['put_back_on' => '2027-02-01', 'minutes' => 60], ['ahead']],
    'not_scheduled' => [['minutes' => 60], ['not_scheduled']],
    'short' => [['planned' => '2027-W06', 'minutes' => 20], ['week', 'free_time']],
    'without an estimate' => [['planned' => '2027-W06'], ['week', 'free_time']],
    'waiting' => [['planned' => '2027-W06', 'waiting_on' => 'Kirkwall'], ['week', 'waiting']],
    'wanting all of you, at sea' => [
        ['planned' => '2027-W06', 'minutes' => 60, 'focus' => 'full', 'place' => 'at sea'],
        ['week', 'focus', 'place'],
    ],
    'no_activity' => [['minutes' => 60, 'changed_on' => '2027-01-13'], ['not_scheduled', 'no_activity']],
    'finished' => [['done_on' => '2027-02-04'], ['finished']],
]);

it('stands each open task on one step of the scale by date', function (array $task, string $step): void {
    Made::task($this->mei, ['title' => 'It', 'minutes' => 45, ...$task]);
    Made::task(Made::person(), ['title' => 'It', ...$task]);
    $page = $this->props('/lists')['page'];
    $with = array_values(array_filter($page['steps'], static fn(array $each): bool => $each['count'] > 0));

    expect(array_column($with, 'step'))
        ->toBe([$step])
        ->and($with[0]['count'])
        ->toBe(1)
        ->and($with[0]['minutes'])
        ->toBe(45)
        ->and($page['count'])
        ->toBe(1)
        ->and($page['minutes'])
        ->toBe(45);
})->with([
    'late' => [['due_on' => '2027-02-09', 'planned' => '2027-W09'], 'late'],
    'planned today' => [['planned' => '2027-02-10'], 'today'],
    'due today' => [['due_on' => '2027-02-10', 'planned' => '2027-W09'], 'today'],
    'carried over from Monday' => [['planned' => '2027-02-08'], 'today'],
    'to follow up' => [['waiting_on' => 'Kirkwall', 'follow_up_on' => '2027-02-09'], 'today'],
    'planned on Friday' => [['planned' => '2027-02-12'], '2027-02-12'],
    'due on Friday' => [['due_on' => '2027-02-12'], '2027-02-12'],
    'due before the time it is planned for' => [['due_on' => '2027-02-12', 'planned' => '2027-W09'], '2027-02-12'],
    'this week' => [['planned' => '2027-W06'], 'week'],
    'carried over from an earlier week' => [['planned' => '2027-W04'], 'week'],
    'next week' => [['planned' => '2027-W07'], '2027-W07'],
    'a day in three weeks' => [['planned' => '2027-03-03'], '2027-W09'],
    'due in two weeks' => [['due_on' => '2027-02-24'], '2027-W08'],
    'far away' => [['planned' => '2027-W30'], 'later'],
    'in a month' => [['planned' => '2027-02'], 'later'],
    'in a year' => [['planned' => '2028'], 'later'],
    'no time at all' => [[], 'not_scheduled'],
    'its time was cleared' => [['put_back_on' => '2027-02-01'], 'not_scheduled'],
]);

it('says what still fits, and shows the first of each step', function (): void {
    Made::series([$this->mei], ['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'minutes' => 45]);

    for ($number = 1; $number <= 11; $number++) {
        Made::task($this->mei, ['title' => "Task $number", 'planned' => '2027-02-11', 'minutes' => 60]);
    }

    Made::task($this->mei, ['title' => 'Ranked', 'planned' => '2027-02-11', 'minutes' => 60, 'rank' => 'A']);
    Made::task($this->mei, ['planned' => '2027-W07', 'minutes' => 90]);
    $steps = collect($this->props('/lists')['page']['steps'])->keyBy('step');

    expect($steps['2027-02-11']['count'])
        ->toBe(12)
        ->and($steps['2027-02-11']['minutes'])
        ->toBe(720)
        ->and(array_column($steps['2027-02-11']['tasks'], 'title'))
        ->toBe(['Ranked', 'Task 1', 'Task 2', 'Task 3', 'Task 4', 'Task 5', 'Task 6', 'Task 7'])
        ->and($steps['2027-02-11']['free'])
        ->toBe(8 * 60 - 45 - 720)
        ->and($steps['2027-02-11']['time'])
        ->toBe('2027-02-11')
        ->and($steps['2027-W07']['free'])
        ->toBe(5 * 8 * 60 - 45 - 90)
        ->and($steps->keys()->all())
        ->toBe(['today', '2027-02-11', '2027-02-12', '2027-W07']);
});

it('stands every open task on a step of the scale', function (int $seed): void {
    scatter(250, $seed);
    $page = $this->props('/lists')['page'];

    expect(array_sum(array_column($page['steps'], 'count')))
        ->toBe(Task::query()->onLists()->count())
        ->and($page['count'])
        ->toBe(Task::query()->onLists()->count());
})->with([1, 2, 3]);

it('says what depends on other tasks until they are done, in a list of its own, the week and the day', function (): void {
    $project = Made::project($this->mei);
    $first = Made::task($this->mei, ['title' => 'First', 'project_id' => $project->id]);
    $second = Made::task($this->mei, ['title' => 'Second', 'project_id' => $project->id, 'planned' => Made::TODAY]);
    $this->put("/tasks/$second->id/after", ['after' => [$first->id]])->assertSessionHasNoErrors();
    $said = fn(): array => [
        array_column(array_merge(...array_column($this->props('/weeks/2027-W06')['page']['days'], 'tasks')), 'after', 'title'),
        array_column($this->props('/')['page']['tasks'], 'after', 'title'),
    ];

    expect(($this->titles)('/lists/depends'))
        ->toBe(['Second'])
        ->and($said())
        ->toBe([['Second' => 'First'], ['Second' => 'First']]);
    $this->put("/tasks/$first->id/tick", ['done' => true])->assertSessionHasNoErrors();
    expect(($this->titles)('/lists/depends'))
        ->toBe([])
        ->and($said()[1]['Second'])
        ->toBeNull();
});

it('asks how long the gap is and since when', function (): void {
    Made::task($this->mei, ['title' => 'An hour', 'minutes' => 60]);
    Made::task($this->mei, ['title' => 'Long ago', 'done_on' => '2027-01-06']);

    expect(($this->titles)('/lists/free_time?minutes=60'))
        ->toBe(['An hour'])
        ->and(($this->titles)('/lists/finished?since=2027-01-06'))
        ->toBe(['Long ago']);
    $this->get('/lists/free_time?minutes=0')->assertSessionHasErrors('minutes');
    $this->get('/lists/nowhere')->assertNotFound();
});

it('keeps a task whose time was cleared ahead, until it has one again', function (): void {
    $task = Made::task($this->mei, ['title' => 'It', 'planned' => '2027-W06']);
    $this->put("/tasks/$task->id/plan", ['planned' => null]);
    expect(($this->titles)('/lists/ahead'))
        ->toBe(['It'])
        ->and($this->props('/lists/ahead')['page']['groups'][0]['heading'])
        ->toBe('Moved back without a date');
    $this->put("/tasks/$task->id/plan", ['planned' => '2027-02-11']);
    expect(($this->titles)('/lists/ahead'))
        ->toBe([])
        ->and(($this->titles)('/lists/week'))
        ->toBe(['It']);
});

it('says which tasks come first, and refuses a group', function (): void {
    $project = Made::project($this->mei);
    [$a, $b, $c] = array_map(fn(string $title): Task => Made::task($this->mei, ['title' => $title, 'project_id' => $project->id]), [
        'a',
        'b',
        'c',
    ]);
    $elsewhere = Made::task($this->mei);

    $this->put("/tasks/$b->id/after", ['after' => [$a->id]])->assertSessionHasNoErrors();
    $this->put("/tasks/$c->id/after", ['after' => [$b->id]])->assertSessionHasNoErrors();
    expect(Task::query()->canStart(Day::of(Made::TODAY))->where('project_id', $project->id)->pluck('title')->all())->toBe(['a']);

    $this->put("/tasks/$a->id/after", ['after' => [$c->id]])->assertSessionHasErrors([
        'after' => 'These tasks would depend on each other: one of them depends on this task.',
    ]);
    $this->put("/tasks/$a->id/after", ['after' => [$a->id]])->assertSessionHasErrors('after');
    $this->put("/tasks/$a->id/after", ['after' => [$elsewhere->id]])->assertSessionHasErrors([
        'after' => 'A task can only depend on tasks of the same project.',
    ]);

    $this->put("/tasks/$c->id/after", ['after' => []])->assertSessionHasNoErrors();
    expect(Task::query()->canStart(Day::of(Made::TODAY))->where('project_id', $project->id)->pluck('title')->all())
        ->toBe(['a', 'c'])
        ->and($this->props("/tasks/$b->id")['page']['after'])
        ->toBe([$a->id]);
});

it('says in a list what a task cannot start before, until that is finished', function (): void {
    $mei = Made::person(name: 'Mei Tanaka');
    $project = Made::project($mei);
    $first = Made::task($mei, ['project_id' => $project->id, 'title' => 'Ask the diver']);
    $second = Made::task($mei, ['project_id' => $project->id, 'title' => 'Lower the chain']);
    Dependency::query()->create(['task_id' => $second->id, 'after_id' => $first->id]);
    $this->actingAs($mei);
    $after = fn(): array => collect($this->props("/projects/$project->id")['page']['stages'][0]['tasks'])->pluck('after', 'title')->all();

    expect($after())->toBe(['Ask the diver' => null, 'Lower the chain' => 'Ask the diver']);
    $this->put("/tasks/$first->id/tick", ['done' => true]);
    expect($after()['Lower the chain'])->toBeNull();
});

it('says in a list which stage comes first, where a project goes stage by stage', function (string $order, ?string $first): void {
    $mei = Made::person(name: 'Mei Tanaka');
    $project = Made::project($mei, [], ['Prepare', 'At sea'], ['order' => $order]);
    $early = Made::task($mei, ['project_id' => $project->id, 'title' => 'Pack', 'stage_id' => $project->stages[0]->id]);
    Made::task($mei, ['project_id' => $project->id, 'title' => 'Sail', 'stage_id' => $project->stages[1]->id]);
    $this->actingAs($mei);
    $listed = function (): array {
        $rows = [];
        array_walk_recursive(
            $this->props('/lists/not_scheduled')['page'],
            static function (mixed $value, int|string $key) use (&$rows): void {
                if ($key === 'title' || $key === 'afterStage') {
                    $rows[] = $value;
                }
            },
        );

        return $rows;
    };
    $stageOf = fn(string $title): mixed => $listed()[array_search($title, $listed(), true) + 1];

    expect($stageOf('Pack'))->toBeNull()->and($stageOf('Sail'))->toBe($first);
    $this->put("/tasks/$early->id/tick", ['done' => true]);
    expect($stageOf('Sail'))->toBeNull();
})->with([['staged', 'Prepare'], ['any', null]]);
