<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\BusyTime;
use Loftrin\Core\Work\Capacity;
use Loftrin\Core\Work\Carrying;
use Loftrin\Core\Work\Doable;
use Tests\Core\Plans;

function doing(array $projects, array $tasks): array
{
    $result = Plans::compute(
        [
            'projects' => $projects,
            'tasks' => array_map(static fn(array $task): array => ['title' => 't', 'created_on' => '2027-01-04', ...$task], $tasks),
        ],
        '2027-02-10',
    );

    return [$result['now'], $result['stuck'], $result['ready']];
}

it('offers the first stage that still has an open task', function (): void {
    $project = ['id' => 'p', 'order' => 'staged', 'stages' => ['one', 'two', 'three']];

    expect(
        doing(
            [$project],
            [
                ['id' => 'a', 'project' => 'p', 'stage' => 'one', 'done_on' => '2027-01-05'],
                ['id' => 'b', 'project' => 'p', 'stage' => 'two', 'shelved_on' => '2027-01-05'],
                ['id' => 'c', 'project' => 'p', 'stage' => 'three'],
            ],
        )[0],
    )
        ->toBe(['c'])
        ->and(doing([$project], [['id' => 'a', 'project' => 'p'], ['id' => 'b', 'project' => 'p', 'stage' => 'two']])[0])
        ->toBe(['a']);
});

it('waits for tasks that are neither done nor dropped', function (array $other, array $now): void {
    expect(doing([], [['id' => 'a', 'after' => ['b']], ['id' => 'b', ...$other]])[0])->toBe($now);
})->with([
    'open' => [[], ['b']],
    'done' => [['done_on' => '2027-01-05'], ['a']],
    'dropped' => [['dropped_on' => '2027-01-05'], ['a']],
    'shelved' => [['shelved_on' => '2027-01-05'], []],
    'dropped and shelved' => [['dropped_on' => '2027-01-05', 'shelved_on' => '2027-01-04'], ['a']],
    'not there yet' => [['created_on' => '2027-03-01'], []],
]);

it('offers nothing of a project that is not active', function (string $state): void {
    expect(doing([['id' => 'p', 'state' => $state]], [['id' => 'a', 'project' => 'p']]))->toBe([[], [], []]);
})->with(['proposed', 'paused', 'done', 'dropped', 'shelved']);

it('knows which projects are stuck or ready to close', function (array $tasks, array $stuck, array $ready): void {
    expect(array_slice(doing([['id' => 'p']], array_map(static fn(array $task): array => ['project' => 'p', ...$task], $tasks)), 1))->toBe([
        $stuck,
        $ready,
    ]);
})->with([
    'no tasks' => [[], ['p'], []],
    'all done' => [[['id' => 'a', 'done_on' => '2027-01-05']], [], ['p']],
    'all set aside' => [[['id' => 'a', 'shelved_on' => '2027-01-05']], ['p'], []],
    'one can be done' => [[['id' => 'a']], [], []],
    'one waits for somebody' => [[['id' => 'a', 'waiting_on' => 'them']], [], []],
    'one waits for somebody, behind a task that is shelved' => [
        [['id' => 'a', 'waiting_on' => 'them', 'after' => ['b']], ['id' => 'b', 'shelved_on' => '2027-01-05']],
        ['p'],
        [],
    ],
    'one was done, the rest dropped' => [
        [['id' => 'a', 'done_on' => '2027-01-05'], ['id' => 'b', 'dropped_on' => '2027-01-05']],
        [],
        ['p'],
    ],
]);

it('refuses tasks that wait for each other in a loop', function (array $after): void {
    Doable::refuseLoop($after);
})
    ->with([
        [['a' => ['a']]],
        [['a' => ['b'], 'b' => ['c'], 'c' => ['a']]],
        [['x' => ['a'], 'a' => ['b', 'c'], 'b' => [], 'c' => ['b', 'x']]],
    ])
    ->throws(InvalidArgumentException::class);

it('lets tasks share what they wait for, in chains of any length', function (): void {
    $chain = ['t0' => []];

    for ($number = 1; $number < 20000; $number++) {
        $chain["t$number"] = ['t'.($number - 1), 't0'];
    }

    expect(static fn() => Doable::refuseLoop($chain))
        ->not->toThrow(InvalidArgumentException::class)
        ->and(static fn() => Doable::refuseLoop([...$chain, 't0' => ['t19999']]))
        ->toThrow(InvalidArgumentException::class);
});

it('splits the minutes of a task among the threads it serves', function (): void {
    $ledger = Plans::compute(
        [
            'areas' => [['id' => 'a', 'name' => 'a']],
            'goals' => [
                Plans::goal('top', '2027', more: ['closed_on' => '2027-01-05', 'result' => 'stopped']),
                Plans::goal('low', '2027-Q1', more: ['parent' => 'top', 'area' => 'a']),
                Plans::goal('other', '2027'),
            ],
            'projects' => [
                ['id' => 'p', 'area' => 'a', 'serves' => [['goal' => 'low', 'weight' => 1], ['goal' => 'other', 'weight' => 2]]],
                ['id' => 'q'],
            ],
            'recurring' => [['id' => 'r', 'rule' => 'FREQ=DAILY', 'serves' => [['goal' => 'other']]]],
            'tasks' => array_map(static fn(array $task): array => ['title' => 't', 'done_on' => '2027-02-09', ...$task], [
                ['id' => 't1', 'project' => 'p', 'minutes' => 90],
                ['id' => 't2', 'goal' => 'low'],
                ['id' => 't3', 'project' => 'q', 'recurring' => 'r', 'minutes' => 10],
                ['id' => 't4', 'project' => 'p', 'minutes' => 60, 'done_on' => '2027-02-11'],
                ['id' => 't5', 'minutes' => 20],
            ]),
        ],
        '2027-02-10',
    )['ledger'];

    expect($ledger)->toEqual([
        'week' => '2027-W06',
        'minutes' => 150,
        'threaded' => 130,
        'alignment' => 0.8667,
        'by_goal' => ['top' => 60, 'other' => 70],
        'by_area' => ['a' => 120, '' => 30],
    ]);
});

it('carries a day within its week, then with it', function (string $planned, string $on, string $stands): void {
    expect((string) (new Carrying(new Calendar()))->day(Day::of($planned), Day::of($on)))->toBe($stands);
})->with([
    'not over yet' => ['2027-02-10', '2027-02-09', '2027-02-10'],
    'the day itself' => ['2027-02-10', '2027-02-10', '2027-02-10'],
    'a free day itself' => ['2027-02-13', '2027-02-13', '2027-02-13'],
    'before a free day' => ['2027-02-13', '2027-02-12', '2027-02-13'],
    'the day after a free day' => ['2027-02-13', '2027-02-14', '2027-W06'],
    'the next working day' => ['2027-02-10', '2027-02-11', '2027-02-11'],
    'no working day is left' => ['2027-02-12', '2027-02-13', '2027-W06'],
    'a week later' => ['2027-02-12', '2027-02-15', '2027-W07'],
    'much later' => ['2027-02-12', '2027-03-30', '2027-W13'],
]);

it('carries a period into the next of its kind', function (string $planned, string $on, string $stands, int $crossed): void {
    $calendar = new Calendar();
    $carrying = new Carrying($calendar);
    $period = $calendar->period($planned);

    expect($carrying->period($period, Day::of($on))->name)
        ->toBe($stands)
        ->and($carrying->crossings($period, Day::of($on)))
        ->toBe($crossed);
})->with([
    ['2027-W06', '2027-02-14', '2027-W06', 0],
    ['2027-W06', '2027-02-15', '2027-W07', 1],
    ['2027-01', '2027-03-31', '2027-03', 2],
    ['2026-Q4', '2027-06-30', '2027-Q2', 2],
    ['2025', '2027-01-01', '2027', 2],
    ['2027-W20', '2027-01-01', '2027-W20', 0],
]);

it('counts the end of a day as its week’s, and not while on the shelf', function (): void {
    $carrying = new Carrying(new Calendar());
    $shelf = [new Span(Day::of('2027-02-20'), Day::of('2027-03-02'))];

    expect($carrying->crossings(Day::of('2027-02-10'), Day::of('2027-02-13')))
        ->toBe(0)
        ->and($carrying->crossings(Day::of('2027-02-10'), Day::of('2027-02-15')))
        ->toBe(1)
        ->and($carrying->crossings(Day::of('2027-02-10'), Day::of('2027-03-08'), $shelf))
        ->toBe(2);
});

it('offers what is planned for a longer period once it has begun', function (string $planned, string $week, bool $isOffered): void {
    $calendar = new Calendar();

    expect((new Carrying($calendar))->isOffered($calendar->period($planned), $calendar->period($week), Day::of('2027-02-10')))->toBe(
        $isOffered,
    );
})->with([
    ['2027-02', '2027-W06', true],
    ['2027-Q1', '2027-W06', true],
    ['2027', '2027-W06', true],
    ['2027-01', '2027-W06', true],
    ['2027-03', '2027-W06', false],
    ['2027-03', '2027-W10', true],
    ['2027-W06', '2027-W06', false],
]);

it('says that a task had no recent activity after four weeks', function (): void {
    $carrying = new Carrying(new Calendar());

    expect($carrying->isUntouched(Day::of('2027-01-01'), Day::of('2027-01-29')))
        ->toBeTrue()
        ->and($carrying->isUntouched(Day::of('2027-01-02'), Day::of('2027-01-29')))
        ->toBeFalse()
        ->and($carrying->isUntouched(null, Day::of('2027-01-29')))
        ->toBeFalse();
});

it('reckons what a day has left', function (): void {
    expect((new Capacity(480, 60, Capacity::left(120, 1, 4) + Capacity::left(null, 0, 0)))->free())
        ->toBe(300)
        ->and((new Capacity(60, 60, 30))->free())
        ->toBe(-30);
});

it('counts time that is taken twice once', function (array $taken, int $minutes): void {
    expect(BusyTime::minutes($taken))->toBe($minutes);
})->with([
    'nothing' => [[], 0],
    'apart' => [[['14:00', 30], ['09:00', 60]], 90],
    'overlapping' => [[['09:00', 60], ['09:30', 60]], 90],
    'one within another' => [[['09:00', 120], ['09:30', 15], ['10:45', 30]], 135],
    'the same twice' => [[['09:00', 60], ['09:00', 60]], 60],
    'end to end' => [[['09:00', 60], ['10:00', 30]], 90],
]);
