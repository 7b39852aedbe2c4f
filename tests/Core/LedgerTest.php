<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Hours\Ledger;
use Loftrin\Core\Hours\LedgerEntry;
use Loftrin\Core\PlanFile\PlanReader;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\Task;
use Loftrin\Core\Work\TaskShare;
use Loftrin\Core\Work\Weighing;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

/** An account of a random quarter: projects that serve several goals, goals' own tasks, and work for nothing. */
function randomAccount(Randomizer $chance, Span $span): Ledger
{
    $pick = static fn(array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
    $read = PlanReader::read(
        Plans::json([
            'areas' => [['id' => 'a', 'name' => 'Moorings'], ['id' => 'b', 'name' => 'Firmware']],
            'goals' => [
                Plans::goal('year', '2027'),
                Plans::goal('other', '2027', more: ['area' => 'b']),
                Plans::goal('quarter', '2027-Q1', more: ['parent' => 'year', 'area' => 'a']),
            ],
            'projects' => [
                ['id' => 'p', 'area' => 'a', 'serves' => [['goal' => 'quarter', 'weight' => 2], ['goal' => 'other', 'weight' => 1]]],
                ['id' => 'q', 'serves' => [['goal' => 'other']]],
                ['id' => 'alone', 'area' => 'b'],
            ],
            'tasks' => array_map(
                static fn(int $number): array => [
                    'id' => "t$number",
                    'title' => 'Order shackles',
                    'created_on' => '2027-01-01',
                    'done_on' => (string) Day::of('2027-01-01')->plus($chance->getInt(0, 89)),
                    ...$pick([['project' => 'p'], ['project' => 'q'], ['project' => 'alone'], ['goal' => 'quarter'], []]),
                    ...$pick([[], ['minutes' => $chance->getInt(1, 300)]]),
                ],
                range(1, 60),
            ),
        ]),
    );

    return Ledger::of($span, $read->tasks, $read->projects, [], $read->goals);
}

it('cuts hours by goal, area, week and span without losing or doubling a minute', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $first = Day::of('2027-01-01')->plus($chance->getInt(0, 40));
    $span = new Span($first, $first->plus($chance->getInt(0, 60)));
    $account = randomAccount($chance, $span);
    $middle = $first->plus(intdiv($span->last->number - $first->number, 2));
    $sum = static fn(array $parts): Fraction => array_reduce(
        $parts,
        static fn(Fraction $sum, Fraction $part): Fraction => $sum->plus($part),
        Fraction::zero(),
    );
    $weeks = array_map(static fn(Ledger $week): Fraction => $week->minutes, $account->byWeek(new Calendar()));
    $halves = [$account->during(new Span($first, $middle)), $account->during(new Span($middle->plus(1), $span->last->plus(1)))];
    $byArea = array_map(
        static fn(string $area): Fraction => $account->where(static fn(LedgerEntry $entry): bool => $entry->area === $area)->minutes,
        ['', 'a', 'b'],
    );

    expect($sum($account->byGoal)->equals($account->threaded))->toBeTrue();

    foreach ([$account->byArea, $account->byEffort, $account->byPerson, $weeks, array_column($halves, 'minutes'), $byArea] as $parts) {
        expect($sum($parts)->equals($account->minutes))->toBeTrue();
    }

    expect($account->alignment()?->equals($account->threaded->over($account->minutes)) ?? $account->minutes->isZero())->toBeTrue()
        ->and(count(array_merge(...array_values($account->tasksByArea))))
        ->toBe(count($account->entries));
})->with(range(1, 12));

it('shares a task out by the weights of what its project serves', function (): void {
    $read = PlanReader::read(
        Plans::json([
            'goals' => [Plans::goal('a', '2027'), Plans::goal('b', '2027')],
            'projects' => [['id' => 'p', 'serves' => [['goal' => 'a', 'weight' => 2], ['goal' => 'b', 'weight' => 1]]]],
            'tasks' => [
                ['id' => 't', 'title' => 'It', 'project' => 'p', 'created_on' => '2027-01-04', 'done_on' => '2027-01-05', 'minutes' => 90],
            ],
        ]),
    );
    $account = Ledger::of(new Span(Day::of('2027-01-04'), Day::of('2027-01-10')), $read->tasks, $read->projects, [], $read->goals);

    expect(array_map(static fn(Fraction $part): float => $part->rounded(), $account->byGoal))->toEqual(['a' => 60.0, 'b' => 30.0]);
});

it('shares what came part-way by what was left of it', function (): void {
    $life = new Lifetime(Day::of('2027-01-01'));
    $done = new Task('done', goal: 'g', life: new Lifetime(Day::of('2027-01-01'), Day::of('2027-02-01')));
    $half = new Task('half', goal: 'g', life: $life, steps: [Day::of('2027-01-10'), Day::of('2027-02-01'), null, null]);
    $gone = new Task('gone', goal: 'g', life: new Lifetime(Day::of('2027-01-01'), droppedOn: Day::of('2027-01-15')));
    // The half came with one of its four steps done: three quarters were left, of which one was done here.
    $shares = TaskShare::of(Weighing::Count, [$done, $half, $gone], Day::of('2027-02-10'), ['half' => Day::of('2027-01-20')]);
    $figures = static fn(TaskShare $share): array => [
        $share->weight->rounded(),
        $share->progress->rounded(),
        $share->points->rounded(),
        $share->leftOut?->value,
    ];

    expect(array_map($figures, $shares))->toEqual([[1.0, 1.0, 0.5714, null], [0.75, 0.3333, 0.1429, null], [0.0, 0.0, 0.0, 'dropped']]);
});

it('says of each task for which goals and in which area it was, and what was for none', function (): void {
    $done = ['created_on' => '2027-01-04', 'done_on' => '2027-01-05'];
    $read = PlanReader::read(
        Plans::json([
            'areas' => [['id' => 'a', 'name' => 'Moorings'], ['id' => 'b', 'name' => 'Firmware']],
            'goals' => [
                Plans::goal('year', '2027'),
                Plans::goal('one', '2027-Q1', more: ['parent' => 'year', 'area' => 'a']),
                Plans::goal('two', '2027-Q1', more: ['parent' => 'year']),
            ],
            'projects' => [
                ['id' => 'p', 'serves' => [['goal' => 'one'], ['goal' => 'two']]],
                ['id' => 'q', 'area' => 'b', 'serves' => [['goal' => 'two']]],
            ],
            'tasks' => [
                ['id' => 'own goal', 'title' => 'It', 'goal' => 'one', 'minutes' => 10, ...$done],
                ['id' => 'of both', 'title' => 'It', 'project' => 'p', 'minutes' => 20, ...$done],
                ['id' => 'of an area', 'title' => 'It', 'project' => 'q', 'minutes' => 40, ...$done],
                ['id' => 'for nothing', 'title' => 'It', ...$done],
            ],
        ]),
    );
    $account = Ledger::of(new Span(Day::of('2027-01-04'), Day::of('2027-01-10')), $read->tasks, $read->projects, [], $read->goals);
    $minutes = static fn(array $parts): array => array_map(static fn(Fraction $part): float => $part->rounded(), $parts);

    expect($account->tasksByGoal)
        ->toEqual(['year' => ['own goal', 'of both', 'of an area'], '' => ['for nothing']])
        ->and($account->tasksByArea)
        ->toEqual(['a' => ['own goal'], '' => ['of both', 'for nothing'], 'b' => ['of an area']])
        // Two ways to one year goal are one share of it.
        ->and($minutes($account->byGoal))
        ->toEqual(['year' => 70.0])
        ->and($minutes($account->byArea))
        ->toEqual(['a' => 10.0, '' => 20.0 + Task::USUAL_MINUTES, 'b' => 40.0])
        ->and(array_keys($account->where(static fn(LedgerEntry $entry): bool => $entry->area === 'b')->entries))
        ->toBe([0]);
});
