<?php

declare(strict_types=1);

use Tests\Core\Plans;

function task(string $id, array $more = []): array
{
    return ['id' => $id, 'title' => $id, 'created_on' => '2027-01-04', ...$more];
}

it('carries a ticked task all the way up', function (): void {
    $plan = fn(array $ticked): array => [
        'goals' => [Plans::goal('year', '2027'), Plans::goal('quarter', '2027-Q1', more: ['parent' => 'year'])],
        'projects' => [['id' => 'p', 'serves' => [['goal' => 'quarter']]]],
        'tasks' => array_map(
            static fn(string $id): array => task($id, [
                'project' => 'p',
                ...in_array($id, $ticked, true) ? ['done_on' => '2027-01-05'] : [],
            ]),
            ['a', 'b', 'c'],
        ),
    ];

    expect(Plans::compute($plan([]), '2027-01-06')['goals']['year']['progress'])
        ->toEqual(0)
        ->and(Plans::compute($plan(['a', 'b']), '2027-01-06')['goals']['year']['progress'])
        ->toEqual(0.6667)
        ->and(Plans::compute($plan(['a', 'b']), '2027-01-04')['goals']['year']['progress'])
        ->toEqual(0);
});

it('follows a task through the days of its life', function (array $dates, array $progress): void {
    foreach ($progress as $on => $expected) {
        $result = Plans::compute(['projects' => [['id' => 'p']], 'tasks' => [task('a', ['project' => 'p', ...$dates])]], $on);

        expect($result['projects']['p']['progress'])->toEqual($expected, "as of $on");
    }
})->with([
    'entered afterwards' => [['created_on' => '2027-02-10', 'done_on' => '2027-02-01'], ['2027-01-31' => null, '2027-02-01' => 1]],
    'shelved' => [['shelved_on' => '2027-02-01'], ['2027-01-31' => 0, '2027-02-01' => null]],
    'dropped, then done all the same' => [
        ['dropped_on' => '2027-02-01', 'done_on' => '2027-02-05'],
        ['2027-02-01' => null, '2027-02-05' => 1],
    ],
    'done, then shelved' => [['done_on' => '2027-02-01', 'shelved_on' => '2027-02-05'], ['2027-02-06' => 1]],
    'by its steps' => [
        ['steps' => [['title' => 'x', 'done_on' => '2027-02-01'], ['title' => 'y'], ['title' => 'z', 'done_on' => '2027-02-03']]],
        ['2027-01-31' => 0, '2027-02-01' => 0.3333, '2027-02-03' => 0.6667],
    ],
    'created later' => [['created_on' => '2027-02-02'], ['2027-02-01' => null, '2027-02-02' => 0]],
]);

it('weighs by effort, with the median where an estimate is missing', function (array $minutes, float|int $progress): void {
    $tasks = [];

    foreach ($minutes as $index => $estimate) {
        $tasks[] = task("t$index", ['project' => 'p', 'minutes' => $estimate, ...$index === 0 ? ['done_on' => '2027-01-05'] : []]);
    }

    $result = Plans::compute(['projects' => [['id' => 'p', 'weighing' => 'effort']], 'tasks' => $tasks], '2027-02-01');

    expect($result['projects']['p']['progress'])->toEqual($progress);
})->with([
    'all estimated' => [[30, 90], 0.25],
    'an odd number of estimates' => [[10, 20, 60, null], round(10 / 110, 4)],
    'an even number of estimates' => [[10, 40, null], round(10 / 75, 4)],
    'none estimated' => [[null, null], 0.5],
    'the done one has none' => [[null, 30, 90], round(60 / 180, 4)],
]);

it('explains a figure whose points add up to it', function (): void {
    $result = Plans::compute(
        [
            'goals' => [
                Plans::goal('g', '2027-Q1', ['kind' => 'work', 'tasks_weight' => 2]),
                Plans::goal(
                    'met',
                    '2027-Q1',
                    ['kind' => 'yes_no'],
                    ['parent' => 'g', 'closed_on' => '2027-01-20', 'result' => 'met', 'weight' => 0.5],
                ),
                Plans::goal('gone', '2027-Q1', more: ['parent' => 'g', 'closed_on' => '2027-01-20', 'result' => 'stopped']),
                Plans::goal('tone', '2027-Q1', ['kind' => 'judged'], ['parent' => 'g']),
                Plans::goal('empty', '2027-Q1', more: ['parent' => 'g']),
            ],
            'projects' => [
                ['id' => 'done', 'state' => 'done', 'state_on' => '2027-01-10', 'serves' => [['goal' => 'g', 'weight' => 3]]],
                ['id' => 'shelf', 'state' => 'shelved', 'state_on' => '2027-01-10', 'serves' => [['goal' => 'g']]],
                ['id' => 'maybe', 'state' => 'proposed', 'state_on' => '2027-06-10', 'serves' => [['goal' => 'g']]],
                ['id' => 'later', 'state' => 'dropped', 'state_on' => '2027-06-10', 'serves' => [['goal' => 'g']]],
            ],
            'tasks' => [
                task('a', ['goal' => 'g', 'done_on' => '2027-01-06']),
                task('b', ['goal' => 'g']),
                task('c', ['goal' => 'g', 'dropped_on' => '2027-01-06']),
            ],
        ],
        '2027-02-01',
    )['goals']['g'];
    $rows = array_column($result['contributors'], null, 'id');

    expect(array_column($result['contributors'], 'id'))
        ->toBe(['met', 'gone', 'tone', 'empty', 'done', 'shelf', 'maybe', 'later', null])
        ->and(array_column($result['contributors'], 'left_out'))
        ->toBe([null, 'stopped', 'judged', null, null, 'shelved', 'proposed', null, null])
        ->and($rows['later']['progress'])
        ->toBeNull()
        ->and(round(array_sum(array_column($result['contributors'], 'points')), 3))
        ->toBe(round($result['progress'], 3))
        ->and($result['progress'])
        ->toEqual(round((0.5 + 3 + 2 * 0.5) / (0.5 + 1 + 3 + 1 + 2), 4));
});

it('has no figure when nothing that is left is measured', function (): void {
    $goals = [
        Plans::goal('g', '2027-Q1'),
        Plans::goal('child', '2027-Q1', ['kind' => 'number', 'start' => 0, 'target' => 1], ['parent' => 'g']),
    ];

    expect(Plans::compute(['goals' => $goals], '2027-02-01')['goals']['g'])->toMatchArray([
        'progress' => null,
        'gap' => null,
        'band' => 'unmeasured',
        'forecast' => null,
    ]);
});

it('leaves out direct tasks when none is in scope, and lists none that do not exist', function (): void {
    $plan = ['goals' => [Plans::goal('g', '2027-Q1')], 'tasks' => [task('a', ['goal' => 'g', 'shelved_on' => '2027-01-20'])]];

    expect(Plans::compute($plan, '2027-02-01')['goals']['g']['contributors'])
        ->toEqual([['kind' => 'tasks', 'id' => null, 'weight' => 1, 'progress' => null, 'points' => 0, 'left_out' => 'no_basis']])
        ->and(Plans::compute($plan, '2027-01-03')['goals']['g']['contributors'])
        ->toBe([]);
});

it('lets a limit be earned day by day in the sum above it', function (): void {
    $plan = [
        'goals' => [
            Plans::goal('g', '2027-W05'),
            Plans::goal('k', '2027-W05', ['kind' => 'keep', 'limit' => 10, 'sense' => 'at_most', 'share' => 0.5], ['parent' => 'g']),
        ],
        'readings' => [
            ['goal' => 'k', 'on' => '2027-02-01', 'value' => 10],
            ['goal' => 'k', 'on' => '2027-02-01', 'value' => 11],
            ['goal' => 'k', 'on' => '2027-01-31', 'value' => 99],
        ],
    ];

    expect(Plans::compute($plan, '2027-02-03')['goals'])
        ->toMatchArray(['k' => ['progress' => 0.5, 'expected' => 0.5, 'gap' => 0, 'band' => 'on_pace', 'forecast' => null]])
        ->and(Plans::compute($plan, '2027-02-03')['goals']['g']['progress'])
        ->toEqual(0.4)
        ->and(Plans::compute($plan, '2027-02-08')['goals']['g']['progress'])
        ->toEqual(1);
});

it('counts what was done within the period, each task once', function (): void {
    $plan = [
        'goals' => [Plans::goal('c', '2027-Q1', ['kind' => 'count', 'target' => 3])],
        'projects' => [['id' => 'p', 'state' => 'dropped', 'state_on' => '2027-01-10', 'serves' => [['goal' => 'c']]]],
        'recurring' => [['id' => 'r', 'rule' => 'FREQ=DAILY', 'serves' => [['goal' => 'c']]]],
        'tasks' => [
            task('a', ['project' => 'p', 'recurring' => 'r', 'done_on' => '2027-01-05']),
            task('b', ['goal' => 'c', 'done_on' => '2027-01-06']),
            task('c', ['recurring' => 'r', 'done_on' => '2026-12-31']),
            task('d', ['recurring' => 'r', 'done_on' => '2027-02-01']),
            task('e', ['recurring' => 'r', 'done_on' => '2027-04-01']),
        ],
    ];

    expect(Plans::compute($plan, '2026-12-31')['goals']['c']['progress'])
        ->toEqual(0)
        ->and(Plans::compute($plan, '2027-01-31')['goals']['c']['progress'])
        ->toEqual(0.6667)
        ->and(Plans::compute($plan, '2027-12-31')['goals']['c']['progress'])
        ->toEqual(1);
});

it('takes the reading entered later of two on one day, and holds it within 0 and 1', function (): void {
    $plan = fn(float|int ...$values): array => [
        'goals' => [Plans::goal('n', '2027-Q1', ['kind' => 'number', 'start' => 10, 'target' => 0])],
        'readings' => array_map(static fn(float|int $value): array => ['goal' => 'n', 'on' => '2027-01-10', 'value' => $value], $values),
    ];

    expect(Plans::compute($plan(5, 8), '2027-01-10')['goals']['n']['progress'])
        ->toEqual(0.2)
        ->and(Plans::compute($plan(12), '2027-01-10')['goals']['n']['progress'])
        ->toEqual(0)
        ->and(Plans::compute($plan(-3), '2027-01-10')['goals']['n']['progress'])
        ->toEqual(1)
        ->and(Plans::compute($plan(5), '2027-01-09')['goals']['n']['progress'])
        ->toBeNull();
});

it('stands as it was closed', function (array $closing, ?float $progress, string $band): void {
    $plan = [
        'goals' => [Plans::goal('g', '2027-Q1', more: ['closed_on' => '2027-02-01', ...$closing])],
        'tasks' => [task('a', ['goal' => 'g', 'done_on' => '2027-01-20']), task('b', ['goal' => 'g', 'done_on' => '2027-02-02'])],
    ];
    $closed = Plans::compute($plan, '2027-03-01')['goals']['g'];

    expect([$closed['progress'], $closed['band'], $closed['forecast']])
        ->toEqual([$progress, $band, null])
        ->and($closed['contributors'][0]['progress'])
        ->toEqual(0.5)
        ->and($closed['expected'])
        ->toEqual(0.3438)
        ->and(Plans::compute($plan, '2027-01-31')['goals']['g']['band'])
        ->toBe('ahead');
})->with([
    [['result' => 'met'], 1.0, 'met'],
    [['result' => 'in_part', 'score' => 0.7], 0.7, 'in_part'],
    [['result' => 'not_met'], 0.5, 'not_met'],
    [['result' => 'stopped'], 0.5, 'stopped'],
]);

it('gives a project a pace while it is active and has both its dates', function (): void {
    $project = fn(array $more): array => Plans::compute(['projects' => [['id' => 'p', ...$more]]], '2027-01-13')['projects']['p'];
    $dates = ['starts_on' => '2027-01-11', 'due_on' => '2027-01-15'];

    expect($project($dates))
        ->toEqual(['progress' => null, 'expected' => 0.4, 'band' => 'unmeasured', 'forecast' => null])
        ->and($project([...$dates, 'state' => 'paused'])['expected'])
        ->toBeNull()
        ->and($project([...$dates, 'state' => 'paused', 'state_on' => '2027-01-14'])['expected'])
        ->toEqual(0.4)
        ->and($project(['due_on' => '2027-01-15'])['band'])
        ->toBeNull();
});

it('does not confuse ids that look like numbers', function (): void {
    $result = Plans::compute(
        [
            'goals' => [Plans::goal('0', '2027'), Plans::goal('1', '2027-Q1', more: ['parent' => '0'])],
            'projects' => [['id' => '0', 'serves' => [['goal' => '1']]]],
            'tasks' => [task('0', ['project' => '0', 'done_on' => '2027-01-05']), task('1', ['project' => '0', 'after' => ['0']])],
        ],
        '2027-01-06',
    );

    expect($result['goals'][0]['progress'])
        ->toEqual(0.5)
        ->and($result['now'])
        ->toBe(['1'])
        ->and($result['ledger']['by_goal'])
        ->toEqual([0 => 30]);
});
