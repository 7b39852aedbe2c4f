<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

/** A year with a closed quarter goal “a” that is two thirds done, what carries it on, and another quarter goal that is half done. */
$year = static fn(array $parts, array $closing = []): array => [
    'goals' => [
        Plans::goal('y', '2027'),
        Plans::goal('a', '2027-Q1', more: [
            'parent' => 'y',
            'weight' => 3,
            'closed_on' => '2027-02-10',
            'result' => 'in_part',
            ...$closing,
        ]),
        ...$parts,
        Plans::goal('other', '2027-Q1', more: ['parent' => 'y']),
    ],
    'tasks' => [
        ...array_map(static fn(int $n): array => ['id' => "a$n", 'goal' => 'a', 'done_on' => $n < 3 ? '2027-02-01' : null], [1, 2, 3]),
        ...array_map(static fn(int $n): array => ['id' => "o$n", 'goal' => 'other', 'done_on' => $n < 2 ? '2027-02-01' : null], [1, 2]),
    ],
];
$part = static fn(string $id, array $more = [], array $measure = ['kind' => 'work']): array => Plans::goal($id, '2027-Q1', $measure, [
    'parent' => 'y',
    'carries' => 'a',
    'created_on' => '2027-02-10',
    ...$more,
]);
$line = static fn(array $result, string $goal): array => array_column($result['goals']['y']['contributors'], null, 'id')[$goal];

it('counts what carries a goal on beneath the same parent as the rest of it', function () use ($year, $part, $line): void {
    $plan = $year([$part('b')]);
    $plan['tasks'][] = ['id' => 'b1', 'goal' => 'b', 'done_on' => '2027-02-12'];
    $plan['tasks'][] = ['id' => 'b2', 'goal' => 'b'];
    $result = Plans::compute($plan, '2027-02-15');

    // 3 · (2/3 + 1/3 · 1/2) + 1 · 1/2, over 3 + 1.
    expect($result['goals']['y']['progress'])->toEqual(0.75)
        ->and($line($result, 'b'))
        ->toEqual(['kind' => 'goal', 'id' => 'b', 'weight' => 1, 'progress' => 0.5, 'points' => 0.125, 'left_out' => null]);
});

it('keeps the share of a part that was stopped undone, and gives none to one that is judged', function () use ($year, $part, $line): void {
    $result = Plans::compute(
        $year([
            $part('b', ['weight' => 2, 'closed_on' => '2027-02-12', 'result' => 'met']),
            $part('c', ['closed_on' => '2027-02-12', 'result' => 'stopped']),
            $part('d', measure: ['kind' => 'judged']),
        ]),
        '2027-02-15',
    );

    // 3 · (2/3 + 1/3 · 2/3 · 1) + 1/2, over 4.
    expect($result['goals']['y']['progress'])->toEqual(round((3 * (2 / 3 + 2 / 9) + 0.5) / 4, 4))
        ->and([$line($result, 'b')['weight'], $line($result, 'c')['weight'], $line($result, 'd')['weight']])->toEqual([0.6667, 1, 1])
        ->and([$line($result, 'c')['left_out'], $line($result, 'd')['left_out']])->toBe(['stopped', 'judged']);
});

it('shares the rest of a rest', function () use ($year, $part, $line): void {
    $result = Plans::compute(
        $year([
            $part('b', ['closed_on' => '2027-02-12', 'result' => 'in_part', 'score' => 0.5]),
            $part('c', ['carries' => 'b', 'created_on' => '2027-02-12', 'closed_on' => '2027-02-13', 'result' => 'met']),
        ]),
        '2027-02-15',
    );

    expect([$line($result, 'b')['weight'], $line($result, 'c')['weight']])->toEqual([1, 0.5])
        ->and($result['goals']['y']['progress'])->toEqual(0.875);
});

it('counts what carries a goal on as one like any other where nothing was left, or beneath another goal', function (
    array $more,
    array $closing,
) use ($year, $part, $line): void {
    $plan = $year([Plans::goal('z', '2027'), $part('b', $more)], $closing);
    $result = Plans::compute($plan, '2027-02-15');
    $lines = array_column([...$result['goals']['y']['contributors'], ...$result['goals']['z']['contributors']], null, 'id');

    expect($lines['b']['weight'])->toEqual(1);
})->with([
    'nothing was left' => [[], ['result' => 'met']],
    'beneath another' => [['parent' => 'z'], []],
]);

it('counts for the goal that ends what was done on the day of its closing within its period, otherwise for what follows', function (
    string $closed,
    int $before,
    int $after,
): void {
    $serves = [['goal' => 'a', 'until' => $closed], ['goal' => 'b', 'from' => $closed]];
    $result = Plans::compute(
        [
            'goals' => [
                Plans::goal('a', '2027-Q1', ['kind' => 'count', 'target' => 10], ['closed_on' => $closed, 'result' => 'not_met']),
                Plans::goal('b', $closed < '2027-04-01' ? '2027-Q1' : '2027-Q2', ['kind' => 'count', 'target' => 10], [
                    'carries' => 'a',
                    'created_on' => $closed,
                ]),
            ],
            'projects' => [['id' => 'p', 'serves' => $serves]],
            'recurring' => [['id' => 'r', 'rule' => 'FREQ=WEEKLY', 'serves' => $serves]],
            'tasks' => [
                ['id' => 'of project', 'project' => 'p', 'done_on' => $closed],
                ['id' => 'recurring', 'recurring' => 'r', 'done_on' => $closed],
                ['id' => 'both', 'project' => 'p', 'recurring' => 'r', 'done_on' => $closed],
                [
                    'id' => 'own',
                    'goal' => 'b',
                    'since' => $closed,
                    'formerly' => [['goal' => 'a', 'until' => $closed]],
                    'done_on' => $closed,
                ],
                ['id' => 'earlier', 'project' => 'p', 'done_on' => '2027-03-01'],
            ],
        ],
        $closed,
    );

    expect([$result['goals']['a']['progress'], $result['goals']['b']['progress']])->toEqual([$before / 10, $after / 10])
        ->and(array_sum($result['ledger']['by_goal']))->toEqual($result['ledger']['minutes'])
        ->and($result['ledger']['by_goal'])->toEqual([$after === 0 ? 'a' : 'b' => 120]);
})->with([['2027-03-10', 5, 0], ['2027-04-02', 1, 4]]);

it('earns a limit that carries another only on the days after it was made', function (string $on, ?float $earned): void {
    $limit = ['kind' => 'keep', 'limit' => 5, 'share' => 1];
    $result = Plans::compute(
        [
            'goals' => [
                Plans::goal('y', '2027'),
                // Ten working days are left in its quarter after the day of the closing.
                Plans::goal('a', '2027-Q1', $limit, ['closed_on' => '2027-03-17', 'result' => 'in_part']),
                Plans::goal('b', '2027-Q1', $limit, ['parent' => 'y', 'carries' => 'a', 'created_on' => '2027-03-17']),
            ],
            'readings' => [['goal' => 'b', 'on' => '2027-03-17', 'value' => 6]],
        ],
        $on,
    );

    expect($result['goals']['y']['contributors'][0]['progress'])->toEqual($earned);
})->with([['2027-03-17', 0.0], ['2027-03-18', 0.0], ['2027-03-19', 0.1], ['2027-03-31', 0.9], ['2027-04-01', 1.0]]);

it('earns a limit up to and with the day on which it was closed', function (): void {
    $result = Plans::compute(
        [
            'goals' => [
                Plans::goal('y', '2027'),
                Plans::goal('a', '2027-W06', ['kind' => 'keep', 'limit' => 5, 'share' => 1], [
                    'parent' => 'y',
                    'closed_on' => '2027-02-09',
                    'result' => 'in_part',
                ]),
            ],
            'readings' => [['goal' => 'a', 'on' => '2027-02-08', 'value' => 6]],
        ],
        '2027-02-28',
    );

    expect($result['goals']['y']['contributors'][0]['progress'])->toEqual(0.4);
});

/** Random work of a goal and a year above it. */
$random = static function (Randomizer $chance): array {
    $day = static fn(int $from, int $to): string => (string) Day::of('2027-01-04')->plus($chance->getInt($from, $to));
    $maybe = static fn(int $in, mixed $value): mixed => $chance->getInt(1, $in) === 1 ? $value : null;
    $task = static fn(string $id, array $place): array => [
        'id' => $id,
        'created_on' => $day(0, 70),
        'done_on' => $maybe(3, $day(0, 120)),
        'minutes' => $maybe(2, $chance->getInt(1, 9) * 10),
        'steps' => array_map(static fn(): array => ['title' => 's', 'done_on' => $maybe(2, $day(0, 120))], range(1, $chance->getInt(1, 3))),
        ...$place,
    ];
    $projects = array_map(
        static fn(int $n): array => [
            'id' => "p$n",
            'weighing' => $n % 2 === 0 ? 'count' : 'effort',
            'serves' => [['goal' => 'a', 'weight' => $n], ...$n === 3 ? [['goal' => 'count']] : []],
            'state' => $chance->getInt(1, 6) === 1 ? 'done' : 'active',
            'state_on' => $day(30, 120),
        ],
        [1, 2, 3],
    );

    return [
        'goals' => [
            Plans::goal('y', '2027'),
            Plans::goal('a', '2027-Q1', more: ['parent' => 'y']),
            Plans::goal('count', '2027-Q1', ['kind' => 'count', 'target' => 9], ['parent' => 'y', 'weight' => 2]),
        ],
        'projects' => $projects,
        'recurring' => [['id' => 'r', 'serves' => [['goal' => 'count']]]],
        'tasks' => [
            ...array_map(static fn(int $n): array => $task("d$n", ['goal' => $n % 3 === 0 ? 'count' : 'a']), range(1, 8)),
            ...array_map(static fn(int $n): array => $task("t$n", ['project' => 'p'.($n % 3 + 1)]), range(1, 12)),
            ...array_map(static fn(int $n): array => $task("r$n", ['recurring' => 'r']), range(1, 4)),
        ],
    ];
};

/** The same plan once both of its quarter goals were carried on, by the letter of the rules. */
$close = static function (array $plan, string $on): array {
    $next = ['a' => 'a2', 'count' => 'count2'];
    $carry = static function (array $record) use ($next, $on): array {
        foreach ($record['serves'] as $at => $link) {
            $record['serves'][$at]['until'] = $on;
            $record['serves'][] = [...$link, 'goal' => $next[$link['goal']], 'from' => $on];
        }

        return $record;
    };
    $plan['goals'] = [
        ...array_map(
            static fn(array $goal): array => isset($next[$goal['id']]) ? [...$goal, 'closed_on' => $on, 'result' => 'in_part'] : $goal,
            $plan['goals'],
        ),
        ...array_map(
            static fn(array $goal): array => [
                ...$goal,
                'id' => $next[$goal['id']],
                'period' => '2027-Q2',
                'carries' => $goal['id'],
                'created_on' => $on,
            ],
            array_slice($plan['goals'], 1),
        ),
    ];
    $plan['projects'] = array_map($carry, $plan['projects']);
    $plan['recurring'] = array_map($carry, $plan['recurring']);
    $plan['tasks'] = array_map(
        static fn(array $task): array => isset($task['goal']) && ($task['done_on'] ?? '9') > $on
            ? [...$task, 'goal' => $next[$task['goal']], 'since' => $on, 'formerly' => [['goal' => $task['goal'], 'until' => $on]]]
            : $task,
        $plan['tasks'],
    );

    return $plan;
};

it('leaves every figure and every hour of the days before a closing as it was', function (int $seed) use ($random, $close): void {
    $chance = new Randomizer(new Mt19937($seed));
    $plan = $random($chance);
    $on = Day::of('2027-03-01')->plus($chance->getInt(0, 60));
    $closed = $close($plan, (string) $on);

    foreach ([1, 2, 8, 20, 40] as $back) {
        $day = (string) $on->plus(-$back);
        $was = Plans::compute($plan, $day);
        $is = Plans::compute($closed, $day);
        unset($is['goals']['a2'], $is['goals']['count2']);

        expect($is)->toEqual($was);
    }

    // On the day itself the year counts what was reached and, of what was left, nothing yet.
    expect(Plans::compute($closed, (string) $on)['goals']['a2']['progress'] ?? 0)->toEqual(0);
})->with(range(1, 25));

it('reaches a year whole once all that was left is done', function (int $seed) use ($random, $close): void {
    $plan = $random(new Randomizer(new Mt19937($seed)));
    $closed = $close($plan, '2027-03-30');
    $closed['tasks'] = array_map(
        static fn(array $task): array => [...$task, 'done_on' => $task['done_on'] ?? '2027-05-01'],
        $closed['tasks'],
    );
    $result = Plans::compute($closed, '2027-06-01');
    $lines = array_column($result['goals']['y']['contributors'], null, 'id');

    expect($lines['a']['points'] + $lines['a2']['points'])->toEqualWithDelta(1 / 3, 0.0002);
})->with(range(1, 10));
