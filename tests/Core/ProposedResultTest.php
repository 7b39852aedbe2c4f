<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\ProposedResult;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\PlanFile\PlanReader;
use Loftrin\Core\Work\TalliesOfTasks;
use Tests\Core\Plans;

/**
 * @param array<string, mixed> $measure
 * @param list<array<string, mixed>> $readings of the goal "g", of the first quarter of 2027
 *
 * @return array{ProposedResult, Goal}
 */
function proposing(array $measure, array $readings = []): array
{
    $read = PlanReader::read(
        Plans::json([
            'goals' => [Plans::goal('g', '2027-Q1', $measure, ['created_on' => '2027-01-01'])],
            'readings' => array_map(static fn(array $reading): array => ['goal' => 'g', ...$reading], $readings),
        ]),
    );
    $plan = new Plan($read->calendar, $read->goals, [], $read->readings);

    return [new ProposedResult(new Rollup($plan, new TalliesOfTasks([], [], [], $plan->periods())), $plan), $plan->goals['g']];
}

it('proposes by the figure: whole, at least a half, or less', function (int $value, ?Result $result): void {
    [$proposed, $goal] = proposing(['kind' => 'number', 'start' => 0, 'target' => 40], [['on' => '2027-03-01', 'value' => $value]]);

    expect($proposed->of($goal, Day::of('2027-03-31')))->toBe($result);
})->with([[40, Result::Met], [44, Result::Met], [39, Result::InPart], [20, Result::InPart], [19, Result::NotMet], [-5, Result::NotMet]]);

it('proposes as of the last day of a period that is over, whenever somebody closes it', function (): void {
    $readings = [['on' => '2027-03-30', 'value' => 10], ['on' => '2027-04-20', 'value' => 40]];
    [$proposed, $goal] = proposing(['kind' => 'number', 'start' => 0, 'target' => 40], $readings);

    expect($proposed->of($goal, Day::of('2027-05-02')))->toBe(Result::NotMet);
});

it('proposes that a limit that was kept was met, if it was looked at to the end', function (array $readings, Result $result): void {
    [$proposed, $goal] = proposing(['kind' => 'keep', 'limit' => 5, 'sense' => 'at_most', 'share' => 0.8], $readings);

    expect($proposed->of($goal, Day::of('2027-04-01')))->toBe($result);
})->with([
    'kept' => [[['on' => '2027-02-01', 'value' => 4], ['on' => '2027-03-20', 'value' => 5]], Result::Met],
    'kept, and not looked at for long' => [[['on' => '2027-01-11', 'value' => 4]], Result::InPart],
    'kept half of the times' => [[['on' => '2027-02-01', 'value' => 9], ['on' => '2027-03-20', 'value' => 5]], Result::InPart],
    'broken' => [[['on' => '2027-03-20', 'value' => 9]], Result::NotMet],
    'never looked at' => [[], Result::NotMet],
]);

it('proposes nothing that only its owner can say', function (array $measure): void {
    [$proposed, $goal] = proposing($measure);

    expect($proposed->of($goal, Day::of('2027-03-31')))->toBeNull();
})->with([[['kind' => 'yes_no']], [['kind' => 'judged']]]);

it('knows from when on stopping is no more than not having met it', function (string $on, bool $isLate): void {
    [$proposed, $goal] = proposing(['kind' => 'work']);

    expect($proposed->isLateToStop($goal, Day::of($on)))->toBe($isLate);
})->with([['2027-01-04', false], ['2027-02-12', false], ['2027-02-15', true], ['2027-03-31', true], ['2027-05-01', true]]);
