<?php

declare(strict_types=1);

use Loftrin\Core\Fraction;
use Loftrin\Core\PlanFile\PlanReader;
use Tests\Core\Plans;

/** A task that stands somewhere, and stood elsewhere before. */
$stays = static fn(array $task, array $formerly): array => [
    'goals' => [Plans::goal('a', '2027'), Plans::goal('b', '2027'), Plans::goal('c', '2027')],
    'tasks' => [['id' => 't', ...$task, 'formerly' => $formerly]],
];
/** Goal b carries goal a on. */
$carries = static fn(array $a, array $b): array => [
    'goals' => [Plans::goal('a', '2027', more: $a), Plans::goal('b', '2027', more: ['carries' => 'a', ...$b])],
];

it('refuses a plan that breaks a rule, naming the record and the rule', function (array $plan, string $fault): void {
    expect(implode("\n", Plans::faults($plan)))->toContain($fault);
})->with([
    'target equal to start' => [
        ['goals' => [Plans::goal('g7', '2027', ['kind' => 'number', 'start' => 3, 'target' => 3.0])]],
        'goal g7: target must differ from start',
    ],
    'a count of nothing' => [['goals' => [Plans::goal('g', '2027', ['kind' => 'count', 'target' => 0])]], 'goal g: target must be above 0'],
    'a missing target' => [['goals' => [Plans::goal('g', '2027', ['kind' => 'number', 'start' => 1])]], 'goal g: target is missing'],
    'a share above 1' => [
        ['goals' => [Plans::goal('g', '2027', ['kind' => 'keep', 'limit' => 1, 'share' => 1.1])]],
        'goal g: share must be above 0 and up to 1',
    ],
    'an unknown kind' => [['goals' => [Plans::goal('g', '2027', ['kind' => 'mood'])]], 'goal g: measure kind mood is unknown'],
    'no measure' => [['goals' => [['id' => 'g', 'horizon' => 'year', 'period' => '2027']]], 'goal g: measure is missing'],
    'a weight of 0' => [['goals' => [Plans::goal('g', '2027', more: ['weight' => 0])]], 'goal g: weight must be above 0'],
    'tasks that weigh nothing' => [
        ['goals' => [Plans::goal('g', '2027', ['kind' => 'work', 'tasks_weight' => 0])]],
        'goal g: the weight of its own tasks must be above 0',
    ],
    'a period that is none' => [['goals' => [Plans::goal('g', '2027-W60')]], 'goal g: period 2027-W60 is unknown'],
    'a period of another horizon' => [
        ['goals' => [Plans::goal('g', '2027-Q1', more: ['horizon' => 'year'])]],
        'goal g: period 2027-Q1 is no year',
    ],
    'an unknown horizon' => [['goals' => [Plans::goal('g', '2027', more: ['horizon' => 'decade'])]], 'goal g: horizon decade is unknown'],
    'its own parent' => [['goals' => [Plans::goal('g', '2027', more: ['parent' => 'g'])]], 'goal g: “g” cannot be below “g”'],
    'its own ancestor' => [
        ['goals' => [Plans::goal('a', '2027', more: ['parent' => 'b']), Plans::goal('b', '2027', more: ['parent' => 'a'])]],
        'goal a: “a” cannot be below “b”',
    ],
    'under a shorter horizon' => [
        ['goals' => [Plans::goal('y', '2027', more: ['parent' => 'q']), Plans::goal('q', '2027-Q1')]],
        'goal y: “y” cannot be below “q”: a year goal cannot contribute to a quarter goal',
    ],
    'outside its parent’s period' => [
        ['goals' => [Plans::goal('w', '2027-W14', more: ['parent' => 'q']), Plans::goal('q', '2027-Q1')]],
        'goal w: “w” cannot be below “q”: 2027-W14 is not within 2027-Q1',
    ],
    'a result without a day' => [['goals' => [Plans::goal('g', '2027', more: ['result' => 'met'])]], 'goal g: result needs closed_on'],
    'a day without a result' => [
        ['goals' => [Plans::goal('g', '2027', more: ['closed_on' => '2027-01-01'])]],
        'goal g: closed_on needs a result',
    ],
    'a score above 1' => [
        ['goals' => [Plans::goal('g', '2027', more: ['closed_on' => '2027-01-01', 'result' => 'met', 'score' => 2])]],
        'goal g: score must be between 0 and 1',
    ],
    'a link that ends before it begins' => [
        [
            'goals' => [Plans::goal('g', '2027')],
            'projects' => [['id' => 'p', 'serves' => [['goal' => 'g', 'from' => '2027-03-02', 'until' => '2027-03-01']]]],
        ],
        'project p: it cannot end at goal g on 2027-03-01 and begin there on 2027-03-02',
    ],
    'a stay that ends before it begins' => [
        $stays(['goal' => 'b'], [['goal' => 'a', 'since' => '2027-03-02', 'until' => '2027-03-01']]),
        'task t: it cannot end at goal a on 2027-03-01 and begin there on 2027-03-02',
    ],
    'a stay without an end' => [$stays(['goal' => 'b', 'since' => '2027-03-02'], [['goal' => 'a']]), 'task t: until is missing'],
    'a stay that ends after the next begins' => [
        $stays(['goal' => 'b', 'since' => '2027-03-01'], [['goal' => 'a', 'until' => '2027-03-02']]),
        'task t: it stood at goal a after it came to goal b',
    ],
    'a stay after one that began before everything' => [
        $stays(['goal' => 'b'], [['goal' => 'a', 'until' => '2027-03-02']]),
        'task t: it stood at goal a after it came to goal b',
    ],
    'stays out of order' => [
        $stays(
            ['goal' => 'c', 'since' => '2027-04-01'],
            [['goal' => 'b', 'since' => '2027-03-01', 'until' => '2027-04-01'], ['goal' => 'a', 'until' => '2027-03-01']],
        ),
        'task t: it stood at goal b after it came to goal a',
    ],
    'two stays at one goal that touch' => [
        $stays(
            ['goal' => 'a', 'since' => '2027-03-01'],
            [['goal' => 'a', 'until' => '2027-03-01'], ['goal' => 'b', 'since' => '2027-03-01', 'until' => '2027-03-01']],
        ),
        'task t: its two stays at goal a touch',
    ],
    'since when, but where?' => [['tasks' => [['id' => 't', 'since' => '2027-03-01']]], 'task t: since needs a goal'],
    'a former goal that is not there' => [$stays([], [['goal' => 'x', 'until' => '2027-03-02']]), 'task t: formerly x is not in goals'],
    'it carries an open goal' => [$carries([], ['created_on' => '2027-04-01']), 'goal b: carries a, which is open'],
    'it carries a stopped goal' => [
        $carries(['closed_on' => '2027-03-01', 'result' => 'stopped'], ['created_on' => '2027-04-01']),
        'goal b: carries a, which was stopped',
    ],
    'it carries a goal that was closed later' => [
        $carries(['closed_on' => '2027-04-02', 'result' => 'not_met'], ['created_on' => '2027-04-01']),
        'goal b: carries a and needs a created_on from 2027-04-02 on, when that was closed',
    ],
    'it carries a goal from nobody knows when' => [
        $carries(['closed_on' => '2027-04-02', 'result' => 'not_met'], []),
        'goal b: carries a and needs a created_on from 2027-04-02 on, when that was closed',
    ],
    'it carries itself' => [
        $carries(
            ['closed_on' => '2027-04-02', 'result' => 'not_met', 'created_on' => '2027-04-02', 'carries' => 'b'],
            ['closed_on' => '2027-04-02', 'result' => 'not_met', 'created_on' => '2027-04-02'],
        ),
        'goal b: carries a: through others, it would carry on itself',
    ],
    'it carries a goal that is not there' => [
        ['goals' => [Plans::goal('g', '2027', more: ['carries' => 'x'])]],
        'goal g: carries x is not in goals',
    ],
    'no day is worked' => [['workspace' => ['working_days' => []]], 'workspace: working_days must name a weekday at least'],
    'a checkpoint outside' => [
        ['goals' => [Plans::goal('g', '2027-Q1', more: ['checkpoints' => [['on' => '2027-04-01', 'fraction' => 0.5]]])]],
        'goal g: checkpoint 2027-04-01 lies outside 2027-Q1',
    ],
    'an unknown scope' => [['goals' => [Plans::goal('g', '2027', more: ['scope' => 'galaxy'])]], 'goal g: scope galaxy is unknown'],
    'a parent that is not there' => [['goals' => [Plans::goal('g', '2027', more: ['parent' => 'x'])]], 'goal g: parent x is not in goals'],
    'an id twice' => [['goals' => [Plans::goal('g', '2027'), Plans::goal('g', '2027')]], 'goal g: id stands twice in goals'],
    'no id' => [['tasks' => [['title' => 'x']]], 'task 1: id is missing'],
    'a reading of nothing' => [['readings' => [['goal' => 'x', 'on' => '2027-01-01', 'value' => 1]]], 'reading 1: goal x is not in goals'],
    'a reading that is no number' => [
        ['goals' => [Plans::goal('g', '2027')], 'readings' => [['goal' => 'g', 'on' => '2027-01-01', 'value' => '1']]],
        'reading 1: value is not a number',
    ],
    'a reading on no day' => [
        ['goals' => [Plans::goal('g', '2027')], 'readings' => [['goal' => 'g', 'value' => 1]]],
        'reading 1: on is missing',
    ],
    'an unknown state' => [['projects' => [['id' => 'p', 'state' => 'stalled']]], 'project p: state stalled is unknown'],
    'due before it starts' => [
        ['projects' => [['id' => 'p', 'starts_on' => '2027-02-01', 'due_on' => '2027-01-01']]],
        'project p: due_on must not lie before starts_on',
    ],
    'two stages of one name' => [['projects' => [['id' => 'p', 'stages' => ['a', 'a']]]], 'project p: stages must have different names'],
    'a goal served twice' => [
        ['goals' => [Plans::goal('g', '2027')], 'projects' => [['id' => 'p', 'serves' => [['goal' => 'g'], ['goal' => 'g']]]]],
        'project p: serves g twice',
    ],
    'a link that weighs nothing' => [
        ['goals' => [Plans::goal('g', '2027')], 'projects' => [['id' => 'p', 'serves' => [['goal' => 'g', 'weight' => 0]]]]],
        'project p: the weight of what it serves must be above 0',
    ],
    'a stage that is not there' => [
        ['projects' => [['id' => 'p', 'stages' => ['a']]], 'tasks' => [['id' => 't', 'project' => 'p', 'stage' => 'b']]],
        'task t: stage b is not in project p',
    ],
    'a stage without a project' => [['tasks' => [['id' => 't', 'stage' => 'b']]], 'task t: stage b needs a project'],
    'a project and a goal' => [
        ['goals' => [Plans::goal('g', '2027')], 'projects' => [['id' => 'p']], 'tasks' => [['id' => 't', 'project' => 'p', 'goal' => 'g']]],
        'task t: it has a project or a goal, not both',
    ],
    'no minutes' => [['tasks' => [['id' => 't', 'minutes' => 0]]], 'task t: minutes must be above 0'],
    'a date that does not exist' => [['tasks' => [['id' => 't', 'done_on' => '2027-02-30']]], 'task t: done_on 2027-02-30 is not a date'],
    'a step on no day' => [
        ['tasks' => [['id' => 't', 'steps' => [['title' => 'x', 'done_on' => 'Monday']]]]],
        'task t: done_on Monday is not a date',
    ],
    'a loop of after' => [
        ['tasks' => [['id' => 't', 'after' => ['u']], ['id' => 'u', 'after' => ['t']]]],
        'it waits, through others, for itself',
    ],
    'after what is not there' => [['tasks' => [['id' => 't', 'after' => ['u']]]], 'task t: after u is not in tasks'],
    'planned for never' => [['tasks' => [['id' => 't', 'planned' => 'never']]], 'task t: planned never is neither a date nor a period'],
    'an unknown rank' => [['tasks' => [['id' => 't', 'rank' => 'D']]], 'task t: rank D is unknown'],
    'carried below 0' => [['tasks' => [['id' => 't', 'carried' => -1]]], 'task t: carried must not be below 0'],
    'a rule that is none' => [['recurring' => [['id' => 'r', 'rule' => 'now and then']]], 'recurring r: rule now and then cannot be used'],
    'an owner who is not there' => [
        ['people' => [['id' => 'a', 'name' => 'A']], 'tasks' => [['id' => 't', 'owner' => 'b']]],
        'task t: owner b is not in people',
    ],
    'an area that is not there' => [['projects' => [['id' => 'p', 'area' => 'a']]], 'project p: area a is not in areas'],
    'an unknown time zone' => [['workspace' => ['timezone' => 'Mars/Olympus']], 'workspace: timezone Mars/Olympus is unknown'],
    'an unknown weekday' => [['workspace' => ['working_days' => ['funday']]], 'workspace: working_days funday is no weekday'],
    'weeks that start on no day' => [['workspace' => ['week_starts_on' => 'noday']], 'workspace: week_starts_on noday is no weekday'],
    'a thirteenth month' => [['workspace' => ['year_starts_in' => 13]], 'workspace: year_starts_in must be a month from 1 to 12'],
    'half a month' => [['workspace' => ['year_starts_in' => 1.5]], 'workspace: year_starts_in must be a month from 1 to 12'],
    'a holiday that does not exist' => [['workspace' => ['holidays' => ['2027-02-30']]], 'workspace: holidays 2027-02-30 is not a date'],
    'text where a list belongs' => [['goals' => 'none'], 'plan: goals must be a list'],
    'a number where a record belongs' => [['goals' => [7]], 'plan: goals must hold records'],
    'a number where text belongs' => [['tasks' => [['id' => 't', 'title' => 7]]], 'task t: title must be text'],
    'numbers where texts belong' => [['tasks' => [['id' => 't', 'after' => [7]]]], 'task t: after must hold texts'],
    'a list where a record belongs' => [['workspace' => ['x']], 'plan: workspace must be a record'],
    'an empty id' => [['tasks' => [['id' => '']]], 'task 1: id is empty'],
    'a number beyond reckoning' => [['tasks' => [['id' => 't', 'minutes' => 1.0e200]]], 'task t: minutes is no number to reckon with'],
]);

it('refuses what is no plan file', function (string $json, string $fault): void {
    expect(Plans::faultsOf($json))->toHaveCount(1)->and(Plans::faultsOf($json)[0])->toContain($fault);
})->with([
    ['', 'plan: the file is not JSON'],
    ['{"format": "loftrin-plan",}', 'plan: the file is not JSON'],
    ['[1]', 'plan: the file must hold one JSON object'],
    ['{}', 'plan: format must be "loftrin-plan"'],
    ['{"format": "loftrin-plan", "version": 2}', 'plan: version must be 1'],
    ['"text"', 'plan: the file must hold one JSON object'],
    [str_repeat('[', 100).str_repeat(']', 100), 'plan: the file is not JSON'],
]);

it('lists all faults, one a line', function (): void {
    expect(
        Plans::faults(['tasks' => [['id' => 'a', 'minutes' => 0], ['id' => 'b', 'rank' => 'Z'], ['id' => 'c', 'due_on' => 'x']]]),
    )->toHaveCount(3);
});

it('takes missing and null fields alike, and ignores sections it does not know', function (): void {
    $plan = [
        'workspace' => null,
        'meetings' => [['id' => 'later']],
        'goals' => [
            Plans::goal(
                'g',
                '2027',
                more: ['parent' => null, 'weight' => null, 'closed_on' => null, 'result' => null, 'checkpoints' => null],
            ),
        ],
        'tasks' => [['id' => 't', 'goal' => 'g', 'steps' => null, 'after' => null, 'waiting_on' => '']],
    ];

    expect(Plans::compute($plan, '2027-01-01')['now'])->toBe(['t']);
});

it('keeps decimals exact', function (): void {
    $json =
        '{"format":"loftrin-plan","version":1,"goals":[{"id":"g","horizon":"year","period":"2027",'
            .'"measure":{"kind":"number","start":0,"target":0.3}}],'.
        '"readings":[{"goal":"g","on":"2027-01-01","value":0.1},{"goal":"g","on":"2027-01-02","value":3e-1}]}';
    $document = PlanReader::read("\xEF\xBB\xBF$json");

    expect($document->readings['g'][0]->value->equals(Fraction::of(1, 10)))
        ->toBeTrue()
        ->and(Plans::computeJson($json, '2027-01-02')['goals']['g']['progress'])
        ->toEqual(1);
});

it('does not take digits in a text for a number', function (): void {
    expect(Plans::faultsOf('{"format":"loftrin-plan","version":1,"tasks":[{"id":"t","title":"\"1\": 2, \\\\ 3"}]}'))->toBe([]);
});
