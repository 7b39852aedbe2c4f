<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Forecaster;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Goals\Walk;
use Loftrin\Core\PlanFile\PlanReader;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task;
use Tests\Core\Plans;

/** A count goal of a quarter whose weeks, from the first Monday of January 2027 on, each brought so many things. */
function counted(array $weeks, int $target, string $asOf): ?array
{
    $tasks = [];

    foreach ($weeks as $week => $things) {
        for ($number = 0; $number < $things; $number++) {
            $done = date('Y-m-d', (int) strtotime("2027-01-04 +$week weeks +1 day UTC"));
            $tasks[] = ['id' => "t$week-$number", 'title' => 't', 'goal' => 'c', 'created_on' => '2027-01-01', 'done_on' => $done];
        }
    }

    return Plans::compute(
        ['goals' => [Plans::goal('c', '2027-Q1', ['kind' => 'count', 'target' => $target])], 'tasks' => $tasks],
        $asOf,
    )['goals']['c']['forecast'];
}

it('is too early before three weeks have ended', function (): void {
    expect(counted([1, 1, 1], 10, '2027-01-23'))
        ->toBeNull()
        ->and(counted([1, 1, 1], 10, '2027-01-24')['increments'])
        ->toBe([100, 100, 100]);
});

it('takes the last eight weeks that ended, oldest first', function (): void {
    expect(counted([9, 1, 2, 0, 0, 0, 0, 0, 3], 100, '2027-03-07')['increments'])->toBe([10, 20, 0, 0, 0, 0, 0, 30]);
});

it('is certain when every week brings enough', function (): void {
    expect(counted([1, 1, 1], 5, '2027-01-24'))->toEqual([
        'increments' => [200, 200, 200],
        'chance' => 1,
        'likely_on' => '2027-02-07',
        'safe_on' => '2027-02-07',
    ]);
});

it('has no chance when nothing moves', function (): void {
    expect(counted([0, 0, 0], 5, '2027-01-24'))->toEqual([
        'increments' => [0, 0, 0],
        'chance' => 0,
        'likely_on' => null,
        'safe_on' => null,
    ]);
});

it('is reached however few the increments', function (): void {
    expect(counted([2], 2, '2027-01-06'))->toEqual(['increments' => [], 'chance' => 1, 'likely_on' => null, 'safe_on' => null]);
});

it('gives no chance to a period that has no week ahead, but still a date', function (): void {
    $forecast = counted(array_fill(0, 12, 1), 20, '2027-04-01');

    expect($forecast['chance'])->toEqual(0)->and($forecast['likely_on'])->toBe('2027-05-30');
});

it('counts the present week as ahead while its fourth day is', function (): void {
    expect(counted([1, 1, 1], 4, '2027-01-27')['likely_on'])
        ->toBe('2027-01-31')
        ->and(counted([1, 1, 1], 4, '2027-01-28')['likely_on'])
        ->toBe('2027-02-07');
});

it('finds the distribution that counting every path gives', function (array $increments, int $mark, int $steps): void {
    $walk = new Walk($increments, $mark);
    $paths = [0];

    for ($step = 0; $step < $steps; $step++) {
        $walk->step();
        $next = [];

        foreach ($paths as $sum) {
            foreach ($increments as $increment) {
                $next[] = $sum >= $mark ? $sum : $sum + $increment;
            }
        }

        $paths = $next;
    }

    $ends = array_map(static fn(int $sum): int => min($sum, $mark), $paths);
    sort($ends);
    $reached = count(array_filter($paths, static fn(int $sum): bool => $sum >= $mark));

    expect($walk->chance())
        ->toBe($reached / count($paths))
        ->and($walk->quantile(0.1))
        ->toBe($ends[(int) ceil(0.1 * count($ends)) - 1])
        ->and($walk->quantile(0.9))
        ->toBe($ends[(int) ceil(0.9 * count($ends)) - 1]);
})->with([[[0, 100, 250], 400, 6], [[-50, 120, 0, 30], 200, 5], [[-10, 5], 3, 8]]);

it('meets an exact half', function (): void {
    $walk = new Walk([0, 100], 100);
    $walk->step();

    expect($walk->isAtLeast(0.5))->toBeTrue()->and($walk->isAtLeast(0.51))->toBeFalse();
});

it('loses nothing by forgetting what can no longer arrive', function (): void {
    $whole = new Walk([-200, 10, 40], 300);
    $pruned = new Walk([-200, 10, 40], 300);

    for ($step = 1; $step <= 20; $step++) {
        $pruned->forgetBelow(21 - $step);
        $whole->step();
        $pruned->step();
    }

    expect($pruned->chance())->toBe($whole->chance());
});

it('forecasts a project whose tasks were there from the start as it does a goal that only this project serves', function (
    string $asOf,
    string $state,
): void {
    $tasks = array_map(
        static fn(int $number): array => [
            'id' => "t$number",
            'title' => 't',
            'project' => 'p',
            'created_on' => '2027-01-01',
            'minutes' => 30 + $number,
            ...$number < 14 ? ['done_on' => (string) Day::of('2027-01-05')->plus(3 * $number)] : [],
        ],
        range(0, 24),
    );
    $document = PlanReader::read(
        Plans::json([
            'goals' => [Plans::goal('g', '2027-Q1')],
            'projects' => [
                [
                    'id' => 'p',
                    'title' => 'p',
                    'weighing' => 'effort',
                    'serves' => [['goal' => 'g']],
                    'state' => $state,
                    'state_on' => '2027-01-01',
                    'starts_on' => '2027-01-01',
                    'due_on' => '2027-03-31',
                ],
            ],
            'tasks' => $tasks,
        ]),
    );
    $rollup = new Rollup(
        new Plan($document->calendar, $document->goals, $document->projects, $document->readings),
        new TalliesOfTasks($document->projects, $document->recurringTasks, $document->tasks),
    );
    $forecaster = new Forecaster($document->calendar, $rollup);
    $ofGoal = $forecaster->of($document->goals['g'], Day::of($asOf));

    expect($forecaster->ofProject($document->projects['p'], Day::of($asOf)))->toEqual($state === 'active' ? $ofGoal : null);
})
    ->with(['2027-01-20', '2027-02-10', '2027-03-30', '2027-04-15'])
    ->with(['active', 'paused']);

it('does not hold work that was added to a project against the weeks before', function (): void {
    $task = static fn(string $id, string $created, ?string $done): Task => new Task(
        $id,
        'p',
        life: new Lifetime(Day::of($created), $done === null ? null : Day::of($done)),
    );
    $project = new Project('p', startsOn: Day::of('2027-01-04'), dueOn: Day::of('2027-03-31'));
    $calendar = new Calendar();
    $tasks = [
        $task('a', '2027-01-04', '2027-01-05'),
        $task('b', '2027-01-12', '2027-01-13'),
        $task('c', '2027-01-19', '2027-01-20'),
        $task('d', '2027-01-25', null),
        $task('e', '2027-01-25', null),
    ];
    $forecaster = new Forecaster(
        $calendar,
        new Rollup(new Plan($calendar, [], ['p' => $project]), new TalliesOfTasks(['p' => $project], [], $tasks)),
    );

    $forecast = $forecaster->ofProject($project, Day::of('2027-01-31'));

    expect($forecast?->increments)
        ->toBe([200, 200, 200, 0])
        // All but what the first of these weeks began with.
        ->and($forecast->grew?->equals(Fraction::of(4, 5)))
        ->toBeTrue();
});
