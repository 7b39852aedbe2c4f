<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Contributor;
use Loftrin\Core\Goals\Lag;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\PlanFile\PlanReader;
use Loftrin\Core\Work\TalliesOfTasks;
use Tests\Core\Plans;

/**
 * @param array<string, mixed> $sections
 *
 * @return ?array<string, list<string|null>> ids by the reason why they keep the goal "top" behind
 */
function lagOf(array $sections, string $on): ?array
{
    $read = PlanReader::read(Plans::json($sections));
    $plan = new Plan($read->calendar, $read->goals, $read->projects, $read->readings);
    $lag = Lag::of($plan->goals['top'], $plan, new Rollup($plan, new TalliesOfTasks([], [], [], $plan->periods())), Day::of($on));
    $ids = static fn(array $lines): array => array_map(static fn(Contributor $line): ?string => $line->id, $lines);

    return $lag === null
        ? null
        : array_filter([
            'behind' => $ids($lag->behind),
            'closedShort' => $ids($lag->closedShort),
            'allOrNothing' => $ids($lag->allOrNothing),
            'notBegun' => $ids($lag->notBegun),
            'unmeasured' => $ids($lag->unmeasured),
        ]);
}

/** @return array<string, mixed> a goal beneath "top" */
function under(string $id, string $period, array $measure, array $more = []): array
{
    return Plans::goal($id, $period, $measure, ['parent' => 'top', ...$more]);
}

const FORTY = ['kind' => 'number', 'start' => 0, 'target' => 40];

it('names the parts that are behind themselves', function (): void {
    $goals = [
        Plans::goal('top', '2027'),
        under('slow', '2027-Q1', FORTY),
        under('swift', '2027', FORTY),
        under('later', '2027-Q4', FORTY),
    ];
    $readings = [
        ['goal' => 'slow', 'on' => '2027-01-04', 'value' => 1],
        ['goal' => 'swift', 'on' => '2027-01-04', 'value' => 16],
    ];

    expect(lagOf(['goals' => $goals, 'readings' => $readings], '2027-06-01'))->toBe(['behind' => ['slow'], 'notBegun' => ['later']]);
});

it('says of the others why they count little', function (): void {
    $goals = [
        Plans::goal('top', '2027'),
        under('half', '2027-Q1', FORTY, ['closed_on' => '2027-03-31', 'result' => 'in_part', 'score' => 0.5]),
        under('whole', '2027-Q1', FORTY, ['closed_on' => '2027-03-31', 'result' => 'met']),
        under('yes', '2027-Q3', ['kind' => 'yes_no']),
        under('later', '2027-Q4', FORTY),
        under('empty', '2027', FORTY),
    ];

    expect(lagOf(['goals' => $goals], '2027-08-01'))->toBe([
        'closedShort' => ['half'],
        'allOrNothing' => ['yes'],
        'notBegun' => ['later'],
        'unmeasured' => ['empty'],
    ]);
});

it('has nothing to say of a goal that is on pace, or judged by its own readings', function (): void {
    $readings = [['goal' => 'part', 'on' => '2027-01-04', 'value' => 20]];

    expect(lagOf(['goals' => [Plans::goal('top', '2027'), under('part', '2027', FORTY)], 'readings' => $readings], '2027-06-01'))
        ->toBeNull()
        ->and(lagOf(['goals' => [Plans::goal('top', '2027', FORTY)]], '2027-06-01'))
        ->toBeNull();
});
