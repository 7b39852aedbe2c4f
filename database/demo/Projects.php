<?php

declare(strict_types=1);

namespace Database\Demo;

/**
 * The projects of Saltglass Instruments.
 *
 * @phpstan-type ProjectScript array{
 *   title: string, owner: string, team: non-empty-list<string>, area: string, serves: array<string, int>,
 *   state: string, from: int, weeks: int, done: int, tasks: int, outcome: string, stages: list<string>,
 *   order: string, weighing?: string, stuck?: bool, places: list<string>, actions: list<string>,
 * }
 */
final class Projects
{
    /**
     * Fourteen projects: who, what it serves, its stages, how far it is (per cent done), the quarter it began in
     * and its length in weeks, and the grid of places and actions that its tasks are made of.
     */
    public const ALL = [
        [
            'title' => 'Type approval', 'owner' => 'tomasz', 'team' => ['tomasz', 'kwame', 'mei'], 'area' => 'Product',
            'serves' => ['approval' => 1], 'state' => 'done', 'from' => 0, 'weeks' => 12, 'done' => 100, 'tasks' => 22,
            'outcome' => 'The new buoy may be moored in every harbour of the region.', 'stages' => ['Papers', 'Bench', 'Sea trial'],
            'order' => 'staged',
            'places' => ['shock', 'salt fog', 'radio', 'lamp', 'battery'], 'actions' => [
                'Book the %s test', 'Fix what the %s test found', 'Write the %s report', 'Send the %s papers to the office',
            ]],
        [
            'title' => 'Failure log with causes', 'owner' => 'tomasz', 'team' => ['tomasz', 'ingrid'], 'area' => 'Product',
            'serves' => ['faillog' => 1], 'state' => 'done', 'from' => 2, 'weeks' => 10, 'done' => 100, 'tasks' => 16,
            'outcome' => 'For each failed buoy we know why within a week.', 'stages' => [], 'order' => 'any',
            'places' => ['connectors', 'batteries', 'sensors', 'antennas'], 'actions' => [
                'Sort last year’s notes on %s', 'Agree on codes for %s', 'Open three failed %s', 'Draw the trend for %s',
            ]],
        [
            'title' => 'Moorings Orkney', 'owner' => 'priya', 'team' => ['priya', 'kwame', 'noor'], 'area' => 'Moorings',
            'serves' => ['wet28' => 3], 'state' => 'active', 'from' => 25, 'weeks' => 14, 'done' => 62, 'tasks' => 54,
            'outcome' => 'Nine harbours in Orkney measured every ten minutes.', 'stages' => ['Survey', 'Prepare', 'Moor', 'Hand over'],
            'order' => 'any', 'weighing' => 'count',
            'places' => [
                'Kirkwall', 'Stromness', 'Burray', 'Lyness', 'Whitehall', 'Kettletoft', 'Pierowall', 'Longhope', 'St Margaret’s Hope',
            ],
            'actions' => [
                'Survey the berth at %s', 'Order chain and shackles for %s', 'Agree the tide window at %s', 'Moor the buoy at %s',
                'Check telemetry from %s', 'Hand over at %s',
            ]],
        [
            'title' => 'Moorings Jutland', 'owner' => 'kwame', 'team' => ['kwame', 'priya', 'ingrid'], 'area' => 'Moorings',
            'serves' => ['wet28' => 3], 'state' => 'active', 'from' => 26, 'weeks' => 13, 'done' => 36, 'tasks' => 48,
            'outcome' => 'Eight harbours from Esbjerg to Skagen on the new buoy.', 'stages' => ['Survey', 'Prepare', 'Moor', 'Hand over'],
            'order' => 'any', 'weighing' => 'effort',
            'places' => [
                'Esbjerg', 'Hvide Sande', 'Thyborøn', 'Hanstholm', 'Hirtshals', 'Skagen', 'Frederikshavn', 'Thorsminde',
            ],
            'actions' => [
                'Survey the berth at %s', 'Order chain and shackles for %s', 'Agree the tide window at %s', 'Moor the buoy at %s',
                'Check telemetry from %s', 'Hand over at %s',
            ]],
        [
            'title' => 'Permits for the winter berths', 'owner' => 'mei', 'team' => ['mei', 'priya'], 'area' => 'Moorings',
            'serves' => ['wet28' => 1], 'state' => 'active', 'from' => 27, 'weeks' => 16, 'done' => 30, 'tasks' => 20,
            'outcome' => 'Nothing that is moored in winter waits for a stamp.', 'stages' => [], 'order' => 'any',
            'places' => [
                'berth 7', 'berth 9', 'berth 12', 'the outer pier', 'the ferry quay',
            ], 'actions' => ['Ask who decides on %s', 'Draw the plan for %s', 'File the permit for %s', 'Chase the permit for %s']],
        [
            'title' => 'Train the second and third crew', 'owner' => 'priya', 'team' => ['priya', 'kwame', 'elif'], 'area' => 'Moorings',
            'serves' => ['crews' => 1], 'state' => 'active', 'from' => 25, 'weeks' => 15, 'done' => 72, 'tasks' => 24,
            'outcome' => 'Three crews can moor without Priya aboard.', 'stages' => ['Choose', 'Teach', 'Let go'], 'order' => 'staged',
            'places' => [
                'knots', 'winch', 'radio', 'first aid', 'tide tables', 'the checklist',
            ], 'actions' => ['Write the lesson on %s', 'Teach %s to crew two', 'Teach %s to crew three', 'Watch them do %s']],
        [
            'title' => 'Firmware 2.4 rollout', 'owner' => 'tomasz', 'team' => ['tomasz', 'ingrid', 'noor'], 'area' => 'Product',
            'serves' => ['firmware' => 3], 'state' => 'active', 'from' => 24, 'weeks' => 16, 'done' => 64, 'tasks' => 36,
            'outcome' => 'Every buoy at sea runs 2.4 and sleeps through the night.', 'stages' => ['Bench', 'Three buoys', 'All'],
            'order' => 'staged', 'weighing' => 'effort',
            'places' => [
                'sleep mode', 'the modem', 'the pH probe', 'the watchdog', 'the log', 'the update itself',
            ],
            'actions' => [
                'Write the test for %s', 'Run %s on the bench', 'Read crew notes on %s', 'Fix %s', 'Release %s to three buoys',
                'Release %s everywhere',
            ]],
        [
            'title' => 'Battery bench', 'owner' => 'ingrid', 'team' => ['ingrid', 'tomasz'], 'area' => 'Product',
            'serves' => ['fail4' => 1, 'firmware' => 1], 'state' => 'active', 'from' => 28, 'weeks' => 8, 'done' => 100, 'tasks' => 12,
            'outcome' => 'We know what a battery does at minus ten.', 'stages' => [], 'order' => 'any',
            'places' => ['cell A', 'cell B', 'cell C'], 'actions' => [
                'Cycle %s at room temperature', 'Cycle %s at minus ten', 'Open %s', 'Write up %s',
            ]],
        [
            'title' => 'Baltic fish farms', 'owner' => 'lucia', 'team' => ['lucia', 'jonah', 'noor'], 'area' => 'Sales',
            'serves' => ['baltic' => 3], 'state' => 'active', 'from' => 26, 'weeks' => 13, 'done' => 28, 'tasks' => 32,
            'outcome' => 'Three farms with a contract for at least two years.', 'stages' => ['Find', 'Visit', 'Quote', 'Sign'],
            'order' => 'any',
            'places' => [
                'the Øresund farm', 'the Bornholm farm', 'the Gotland farm', 'the Åland farm',
            ],
            'actions' => [
                'Find who decides at %s', 'Ring %s', 'Visit %s', 'Write up what %s needs', 'Work out three years for %s', 'Quote for %s',
                'Answer the questions of %s', 'Sign with %s',
            ]],
        [
            'title' => 'Service contracts for the first fifteen', 'owner' => 'lucia', 'team' => ['lucia', 'jonah'], 'area' => 'Sales',
            'serves' => ['contracts' => 1], 'state' => 'done', 'from' => 12, 'weeks' => 13, 'done' => 100, 'tasks' => 8,
            'outcome' => 'Half of the first harbours pay for service.', 'stages' => [], 'order' => 'any',
            'places' => [
                'Kirkwall', 'Esbjerg', 'Skagen', 'Stromness', 'Hirtshals', 'Thyborøn', 'Burray', 'Lyness',
            ], 'actions' => ['Sign the service contract with %s']],
        [
            'title' => 'New site with real readings', 'owner' => 'jonah', 'team' => ['jonah', 'mei'], 'area' => 'Sales',
            'serves' => ['rev66' => 1], 'state' => 'active', 'from' => 29, 'weeks' => 9, 'done' => 40, 'tasks' => 20,
            'outcome' => 'A harbour master sees live water in ten seconds.', 'stages' => ['Words', 'Pictures', 'Live'], 'order' => 'any',
            'places' => [
                'the front page', 'the harbour page', 'the farm page', 'the price page', 'the contact page',
            ], 'actions' => ['Write %s', 'Photograph for %s', 'Build %s', 'Show %s to two customers']],
        [
            'title' => 'Who does what when Noor is away', 'owner' => 'elif', 'team' => ['elif', 'noor', 'mei'], 'area' => 'Team',
            'serves' => ['roles' => 1], 'state' => 'active', 'from' => 3, 'weeks' => 40, 'done' => 55, 'tasks' => 22, 'stuck' => true,
            'outcome' => 'Every duty has a name and a second name.', 'stages' => ['List', 'Hand over', 'Try'], 'order' => 'staged',
            'places' => [
                'payroll', 'the bank', 'the insurer', 'the landlord', 'press calls', 'the workshop keys',
            ], 'actions' => ['Write down how %s works', 'Hand over %s', 'Let somebody else do %s for a month', 'Name a second for %s']],
        [
            'title' => 'Moorings Faroe', 'owner' => 'priya', 'team' => ['priya', 'jonah'], 'area' => 'Moorings', 'serves' => ['wet28' => 2],
            'state' => 'dropped', 'from' => 22, 'weeks' => 20, 'done' => 15, 'tasks' => 12,
            'outcome' => 'Two harbours in the Faroes.', 'stages' => [], 'order' => 'any',
            'places' => ['Tórshavn', 'Klaksvík'], 'actions' => [
                'Survey the berth at %s', 'Ask the ferry about %s', 'Find a dealer near %s', 'Agree the tide window at %s',
                'Order chain for %s', 'Moor the buoy at %s',
            ]],
        [
            'title' => 'A smaller buoy for rivers', 'owner' => 'noor', 'team' => ['noor', 'tomasz'], 'area' => 'Product',
            'serves' => ['rev75' => 1], 'state' => 'proposed', 'from' => 33, 'weeks' => 20, 'done' => 0, 'tasks' => 8,
            'outcome' => 'Something we could show in spring.', 'stages' => [], 'order' => 'any',
            'places' => ['the Gudenå', 'the Tay'], 'actions' => [
                'Ask three people who measure %s', 'Look up what is measured in %s', 'Sketch a float for %s', 'Work out the price for %s',
            ]],
    ];

    /**
     * @param ProjectScript $project
     *
     * @return list<string> action by action, so that the stages fill in order
     */
    public static function titles(array $project): array
    {
        $titles = [];

        foreach ($project['actions'] as $action) {
            foreach ($project['places'] as $place) {
                $titles[] = sprintf($action, $place);
            }
        }

        return $titles;
    }
}
