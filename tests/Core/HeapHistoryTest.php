<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\HeapHistory;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task;
use Loftrin\Core\Work\Weighing;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @param list<Task> $tasks */
function historyOf(array $tasks, Weighing $weighing, ?Day $scope = null): HeapHistory
{
    $history = new HeapHistory($scope);

    foreach ($tasks as $task) {
        $minutes = $weighing === Weighing::Effort && $task->minutes !== null ? (int) $task->minutes->rounded(0) : 0;
        $history->add($task->life, $minutes);

        foreach (array_filter($task->steps) as $ticked) {
            $history->tick($task->life, $minutes, count($task->steps), $ticked);
        }
    }

    return $history;
}

/** @return list<Task> of a month, with every order of dates that people bring about, and some that they do not */
function tasksAtRandom(int $seed): array
{
    $random = new Randomizer(new Mt19937($seed));
    $day = static fn(int $oneIn): ?Day => $random->getInt(1, $oneIn) === 1 ? Day::of('2027-03-01')->plus($random->getInt(0, 20)) : null;

    return array_map(
        static fn(int $number): Task => new Task(
            (string) $number,
            'p',
            life: new Lifetime($random->getInt(0, 5) === 0 ? null : $day(1), $day(2), $day(4), $day(4)),
            minutes: $random->getInt(0, 2) === 0 ? null : Fraction::of(15 * $random->getInt(1, 3)),
            steps: array_map(static fn(): ?Day => $day(2), array_fill(0, $random->getInt(0, 3), null)),
        ),
        range(1, $random->getInt(1, 12)),
    );
}

it('walks through time to what each day makes of the tasks', function (Weighing $weighing, ?string $scope): void {
    $days = array_map(static fn(int $number): Day => Day::of('2027-02-27')->plus($number), range(0, 25));
    $on = $scope === null ? null : Day::of($scope);

    for ($seed = 1; $seed <= 60; ++$seed) {
        $tasks = tasksAtRandom($seed);
        $tallies = new TalliesOfTasks(['p' => new Project('p', weighing: $weighing)], [], $tasks);
        $heaps = historyOf($tasks, $weighing, $on)->on($days);

        foreach ($days as $day) {
            expect($weighing->tally($heaps[$day->number]))
                ->toEqual($tallies->ofProject('p', $on ?? $day, $day), "the tasks of seed $seed, as of $day");
        }
    }
})->with([
    'each day for itself' => [Weighing::Count, null],
    'by their estimates' => [Weighing::Effort, null],
    'over the scope of one day' => [Weighing::Count, '2027-03-12'],
    'over its scope by their estimates' => [Weighing::Effort, '2027-03-12'],
]);

it('is there from the first day on which a task exists', function (): void {
    $history = new HeapHistory();
    $day = Day::of('2027-03-10');
    expect($history->isThereOn($day))->toBeFalse();

    $history->add(new Lifetime($day->plus(5)), 0);
    expect($history->isThereOn($day->plus(4)))->toBeFalse()->and($history->isThereOn($day->plus(5)))->toBeTrue();

    // Done before it was entered.
    $history->add(new Lifetime($day->plus(7), $day), 0);
    expect($history->isThereOn($day->plus(-1)))->toBeFalse()->and($history->isThereOn($day))->toBeTrue();

    $history->add(new Lifetime(), 0);
    expect($history->isThereOn($day->plus(-400)))->toBeTrue();
});

it('counts tasks of the same dates at once', function (?string $scope): void {
    $days = array_map(static fn(int $number): Day => Day::of('2027-02-27')->plus($number), range(0, 25));
    $on = $scope === null ? null : Day::of($scope);

    foreach (tasksAtRandom(7) as $task) {
        [$each, $alike] = [new HeapHistory($on), new HeapHistory($on)];
        $alike->add($task->life, 30, 3);

        foreach (range(1, 3) as $ignored) {
            $each->add($task->life, 30);
        }

        expect($alike->on($days))->toEqual($each->on($days));
    }
})->with(['each day for itself' => [null], 'over the scope of one day' => ['2027-03-12']]);
