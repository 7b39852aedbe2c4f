<?php

declare(strict_types=1);

namespace Database\Demo;

/**
 * What Saltglass Instruments set itself. All of it is made up.
 *
 * @phpstan-type QuarterGoal array{title: string, under: string, owner: string, measure: array<string, mixed>, main?: bool, weight?: float, course?: array{float|int, float|int}, result?: string, score?: float, line?: string, from?: string, first?: bool, more?: array<string, mixed>}
 * @phpstan-type ProjectScript array{title: string, owner: string, team: non-empty-list<string>, area: string, serves: array<string, int>, state: string, from: int, weeks: int, done: int, tasks: int, outcome: string, stages: list<string>, order: string, weighing?: string, stuck?: bool, places: list<string>, actions: list<string>}
 */
final class Script
{
    public const QUARTER_WORDS = [
        1 => 'Type approval for the new buoy',
        2 => 'First 15 harbours wet',
        3 => '28 harbours, failures under 4 %',
        4 => 'Two weeks without the founder',
    ];

    public const YEAR_GOALS = [
        'HB' => [
            'title' => '40 harbours on the new buoy',
            'why' => 'A harbour that measures its water every ten minutes stops arguing about it. Forty is where the service crew pays for itself.',
            'owner' => 'noor',
            'area' => 'Moorings',
            'measure' => ['measure' => 'number', 'start_value' => 0, 'target_value' => 40, 'unit' => 'harbours'],
            'course' => [0, 21],
            'bend' => 3.4,
        ],
        'RV' => [
            'title' => 'Monthly revenue from €42,000 to €75,000',
            'why' => 'Service contracts carry the winter. Without them we sell ourselves into every spring.',
            'owner' => 'jonah',
            'area' => 'Sales',
            'measure' => ['measure' => 'number', 'start_value' => 42000, 'target_value' => 75000, 'unit' => '€'],
            'course' => [42200, 64600],
        ],
        'FF' => [
            'title' => 'Field failures from 7.5 % to 3 %',
            'why' => 'Each failed buoy costs two days at sea and a customer’s patience.',
            'owner' => 'tomasz',
            'area' => 'Product',
            'measure' => ['measure' => 'number', 'start_value' => 7.5, 'target_value' => 3, 'unit' => '%'],
            'course' => [7.4, 3.9],
        ],
        'TM' => [
            'title' => 'A team that runs two weeks without the founder',
            'why' => 'If it needs me every day it is a job, not a company.',
            'owner' => 'noor',
            'area' => 'Team',
            'measure' => ['measure' => 'work'],
        ],
    ];

    public const QUARTER_GOALS = [
        1 => [
            'approval' => ['title' => 'Type approval for the new buoy', 'under' => 'HB', 'owner' => 'tomasz', 'main' => true, 'measure' => ['measure' => 'work'], 'result' => 'met', 'line' => 'Stamped two days early.'],
            'mould' => ['title' => 'Mould for the float', 'under' => 'HB', 'owner' => 'tomasz', 'measure' => ['measure' => 'yes_no'], 'result' => 'met', 'line' => 'Third mould is the good one.'],
            'rev47' => ['title' => '€47,000 a month', 'under' => 'RV', 'owner' => 'jonah', 'measure' => ['measure' => 'number', 'start_value' => 42000, 'target_value' => 47000, 'unit' => '€'], 'course' => [42000, 46300], 'result' => 'partly_met', 'line' => 'Two contracts slipped into the next quarter.'],
            'faillog' => ['title' => 'A failure log with causes', 'under' => 'FF', 'owner' => 'tomasz', 'measure' => ['measure' => 'work'], 'result' => 'met', 'line' => 'Connectors are half of it.'],
            'roles' => ['title' => 'Roles written down', 'under' => 'TM', 'owner' => 'noor', 'measure' => ['measure' => 'work'], 'result' => 'partly_met', 'score' => 0.6, 'line' => 'Six of nine. Mine is missing.'],
        ],
        2 => [
            'wet15' => ['title' => 'First 15 harbours wet', 'under' => 'HB', 'owner' => 'priya', 'main' => true, 'measure' => ['measure' => 'number', 'start_value' => 0, 'target_value' => 15, 'unit' => 'harbours'], 'course' => [0, 14], 'result' => 'partly_met', 'line' => 'Fourteen. Weather took the last one.'],
            'rev55' => ['title' => '€55,000 a month', 'under' => 'RV', 'owner' => 'jonah', 'measure' => ['measure' => 'number', 'start_value' => 47000, 'target_value' => 55000, 'unit' => '€'], 'course' => [46800, 55400], 'result' => 'met'],
            'contracts' => ['title' => 'Eight service contracts', 'under' => 'RV', 'owner' => 'lucia', 'measure' => ['measure' => 'count', 'target_value' => 8], 'result' => 'met', 'line' => 'Eight signed, two of them for three years.'],
            'fail5' => ['title' => 'Failures under 5 %', 'under' => 'FF', 'owner' => 'tomasz', 'measure' => ['measure' => 'number', 'start_value' => 7, 'target_value' => 5, 'unit' => '%'], 'course' => [6.9, 4.9], 'result' => 'met'],
            'fw23' => ['title' => 'Firmware 2.3 on sixty buoys', 'under' => 'FF', 'owner' => 'tomasz', 'measure' => ['measure' => 'number', 'start_value' => 0, 'target_value' => 60, 'unit' => 'buoys'], 'course' => [0, 38], 'result' => 'not_met', 'line' => 'The modem held it back. 2.4 takes it over.'],
            'faroe' => ['title' => 'A dealer for the Faroes', 'under' => 'RV', 'owner' => 'jonah', 'measure' => ['measure' => 'yes_no'], 'result' => 'dropped', 'line' => 'The ferry costs more than the margin.'],
            'chairs' => ['title' => 'Elif chairs on Mondays', 'under' => 'TM', 'owner' => 'elif', 'measure' => ['measure' => 'yes_no'], 'result' => 'partly_met', 'score' => 0.5, 'line' => 'Every second Monday so far.'],
        ],
        3 => [
            'wet28' => ['title' => '28 harbours wet', 'under' => 'HB', 'owner' => 'priya', 'main' => true, 'measure' => ['measure' => 'work']],
            'crews' => ['title' => 'Two more mooring crews trained', 'under' => 'HB', 'owner' => 'priya', 'measure' => ['measure' => 'work']],
            'rev66' => ['title' => '€66,000 a month', 'under' => 'RV', 'owner' => 'jonah', 'measure' => ['measure' => 'number', 'start_value' => 55000, 'target_value' => 66000, 'unit' => '€'], 'course' => [55400, 61500]],
            'baltic' => ['title' => 'Baltic fish farms: three contracts', 'under' => 'RV', 'owner' => 'lucia', 'measure' => ['measure' => 'work']],
            'firmware' => ['title' => 'Firmware 2.4 on every buoy at sea', 'under' => 'FF', 'owner' => 'tomasz', 'from' => 'fw23', 'first' => true, 'measure' => ['measure' => 'work']],
            'fail4' => ['title' => 'Failures under 4 %', 'under' => 'FF', 'owner' => 'tomasz', 'measure' => ['measure' => 'number', 'start_value' => 5, 'target_value' => 4, 'unit' => '%'], 'course' => [4.9, 3.9]],
            'trust' => ['title' => 'Harbour offices trust us without Noor', 'under' => 'TM', 'owner' => 'mei', 'weight' => 0.5, 'measure' => ['measure' => 'work']],
            'replies' => ['title' => 'Harbour offices hear back within 24 hours', 'under' => 'trust', 'owner' => 'mei', 'measure' => ['measure' => 'keep', 'limit_value' => 24, 'sense' => 'at_most', 'unit' => 'hours'], 'course' => [20, 23]],
            'firstvisit' => ['title' => 'Fixed at the first visit, 9 in 10', 'under' => 'trust', 'owner' => 'kwame', 'measure' => ['measure' => 'number', 'start_value' => 70, 'target_value' => 90, 'unit' => '%'], 'course' => [71, 83]],
            'survey' => ['title' => 'Twenty answers to the autumn survey', 'under' => 'trust', 'owner' => 'mei', 'measure' => ['measure' => 'number', 'start_value' => 0, 'target_value' => 20, 'unit' => 'answers'], 'course' => [0, 9]],
            'word' => ['title' => 'Harbours speak of us to each other', 'under' => 'RV', 'owner' => 'jonah', 'measure' => ['measure' => 'judged']],
            'second' => ['title' => 'Ask Elif to become managing director', 'under' => 'TM', 'owner' => 'noor', 'weight' => 0.5, 'measure' => ['measure' => 'yes_no'], 'more' => ['visibility' => 'only_me', 'scope' => 'person', 'counts_unnamed' => true]],
            'weekaway' => ['title' => 'One week away, no calls', 'under' => 'TM', 'owner' => 'noor', 'measure' => ['measure' => 'yes_no']],
        ],
        4 => [
            'wet40' => ['title' => '40 harbours wet', 'under' => 'HB', 'owner' => 'priya', 'main' => true, 'measure' => ['measure' => 'work']],
            'rev75' => ['title' => '€75,000 a month', 'under' => 'RV', 'owner' => 'jonah', 'measure' => ['measure' => 'number', 'start_value' => 66000, 'target_value' => 75000, 'unit' => '€']],
            'fail3' => ['title' => 'Failures under 3 %', 'under' => 'FF', 'owner' => 'tomasz', 'measure' => ['measure' => 'number', 'start_value' => 4, 'target_value' => 3, 'unit' => '%']],
            'twoweeks' => ['title' => 'Two weeks away', 'under' => 'TM', 'owner' => 'noor', 'measure' => ['measure' => 'yes_no']],
        ],
    ];

    /**
     * Fourteen projects: who, what it serves, its stages, how far it is (per cent done), the quarter it began in
     * and its length in weeks, and the grid of places and actions that its tasks are made of.
     */
    public const PROJECTS = [
        ['title' => 'Type approval', 'owner' => 'tomasz', 'team' => ['tomasz', 'kwame', 'mei'], 'area' => 'Product', 'serves' => ['approval' => 1], 'state' => 'done', 'from' => 0, 'weeks' => 12, 'done' => 100, 'tasks' => 22,
            'outcome' => 'The new buoy may be moored in every harbour of the region.', 'stages' => ['Papers', 'Bench', 'Sea trial'], 'order' => 'staged',
            'places' => ['shock', 'salt fog', 'radio', 'lamp', 'battery'], 'actions' => ['Book the %s test', 'Fix what the %s test found', 'Write the %s report', 'Send the %s papers to the office']],
        ['title' => 'Failure log with causes', 'owner' => 'tomasz', 'team' => ['tomasz', 'ingrid'], 'area' => 'Product', 'serves' => ['faillog' => 1], 'state' => 'done', 'from' => 2, 'weeks' => 10, 'done' => 100, 'tasks' => 16,
            'outcome' => 'For each failed buoy we know why within a week.', 'stages' => [], 'order' => 'any',
            'places' => ['connectors', 'batteries', 'sensors', 'antennas'], 'actions' => ['Sort last year’s notes on %s', 'Agree on codes for %s', 'Open three failed %s', 'Draw the trend for %s']],
        ['title' => 'Moorings Orkney', 'owner' => 'priya', 'team' => ['priya', 'kwame', 'noor'], 'area' => 'Moorings', 'serves' => ['wet28' => 3], 'state' => 'active', 'from' => 25, 'weeks' => 14, 'done' => 62, 'tasks' => 54,
            'outcome' => 'Nine harbours in Orkney measured every ten minutes.', 'stages' => ['Survey', 'Prepare', 'Moor', 'Hand over'], 'order' => 'any', 'weighing' => 'count',
            'places' => ['Kirkwall', 'Stromness', 'Burray', 'Lyness', 'Whitehall', 'Kettletoft', 'Pierowall', 'Longhope', 'St Margaret’s Hope'], 'actions' => ['Survey the berth at %s', 'Order chain and shackles for %s', 'Agree the tide window at %s', 'Moor the buoy at %s', 'Check telemetry from %s', 'Hand over at %s']],
        ['title' => 'Moorings Jutland', 'owner' => 'kwame', 'team' => ['kwame', 'priya', 'ingrid'], 'area' => 'Moorings', 'serves' => ['wet28' => 3], 'state' => 'active', 'from' => 26, 'weeks' => 13, 'done' => 36, 'tasks' => 48,
            'outcome' => 'Eight harbours from Esbjerg to Skagen on the new buoy.', 'stages' => ['Survey', 'Prepare', 'Moor', 'Hand over'], 'order' => 'any', 'weighing' => 'effort',
            'places' => ['Esbjerg', 'Hvide Sande', 'Thyborøn', 'Hanstholm', 'Hirtshals', 'Skagen', 'Frederikshavn', 'Thorsminde'], 'actions' => ['Survey the berth at %s', 'Order chain and shackles for %s', 'Agree the tide window at %s', 'Moor the buoy at %s', 'Check telemetry from %s', 'Hand over at %s']],
        ['title' => 'Permits for the winter berths', 'owner' => 'mei', 'team' => ['mei', 'priya'], 'area' => 'Moorings', 'serves' => ['wet28' => 1], 'state' => 'active', 'from' => 27, 'weeks' => 16, 'done' => 30, 'tasks' => 20,
            'outcome' => 'Nothing that is moored in winter waits for a stamp.', 'stages' => [], 'order' => 'any',
            'places' => ['berth 7', 'berth 9', 'berth 12', 'the outer pier', 'the ferry quay'], 'actions' => ['Ask who decides on %s', 'Draw the plan for %s', 'File the permit for %s', 'Chase the permit for %s']],
        ['title' => 'Train the second and third crew', 'owner' => 'priya', 'team' => ['priya', 'kwame', 'elif'], 'area' => 'Moorings', 'serves' => ['crews' => 1], 'state' => 'active', 'from' => 25, 'weeks' => 15, 'done' => 72, 'tasks' => 24,
            'outcome' => 'Three crews can moor without Priya aboard.', 'stages' => ['Choose', 'Teach', 'Let go'], 'order' => 'staged',
            'places' => ['knots', 'winch', 'radio', 'first aid', 'tide tables', 'the checklist'], 'actions' => ['Write the lesson on %s', 'Teach %s to crew two', 'Teach %s to crew three', 'Watch them do %s']],
        ['title' => 'Firmware 2.4 rollout', 'owner' => 'tomasz', 'team' => ['tomasz', 'ingrid', 'noor'], 'area' => 'Product', 'serves' => ['firmware' => 3], 'state' => 'active', 'from' => 24, 'weeks' => 16, 'done' => 64, 'tasks' => 36,
            'outcome' => 'Every buoy at sea runs 2.4 and sleeps through the night.', 'stages' => ['Bench', 'Three buoys', 'All'], 'order' => 'staged', 'weighing' => 'effort',
            'places' => ['sleep mode', 'the modem', 'the pH probe', 'the watchdog', 'the log', 'the update itself'], 'actions' => ['Write the test for %s', 'Run %s on the bench', 'Read crew notes on %s', 'Fix %s', 'Release %s to three buoys', 'Release %s everywhere']],
        ['title' => 'Battery bench', 'owner' => 'ingrid', 'team' => ['ingrid', 'tomasz'], 'area' => 'Product', 'serves' => ['fail4' => 1, 'firmware' => 1], 'state' => 'active', 'from' => 28, 'weeks' => 8, 'done' => 100, 'tasks' => 12,
            'outcome' => 'We know what a battery does at minus ten.', 'stages' => [], 'order' => 'any',
            'places' => ['cell A', 'cell B', 'cell C'], 'actions' => ['Cycle %s at room temperature', 'Cycle %s at minus ten', 'Open %s', 'Write up %s']],
        ['title' => 'Baltic fish farms', 'owner' => 'lucia', 'team' => ['lucia', 'jonah', 'noor'], 'area' => 'Sales', 'serves' => ['baltic' => 3], 'state' => 'active', 'from' => 26, 'weeks' => 13, 'done' => 28, 'tasks' => 32,
            'outcome' => 'Three farms with a contract for at least two years.', 'stages' => ['Find', 'Visit', 'Quote', 'Sign'], 'order' => 'any',
            'places' => ['the Øresund farm', 'the Bornholm farm', 'the Gotland farm', 'the Åland farm'], 'actions' => ['Find who decides at %s', 'Ring %s', 'Visit %s', 'Write up what %s needs', 'Work out three years for %s', 'Quote for %s', 'Answer the questions of %s', 'Sign with %s']],
        ['title' => 'Service contracts for the first fifteen', 'owner' => 'lucia', 'team' => ['lucia', 'jonah'], 'area' => 'Sales', 'serves' => ['contracts' => 1], 'state' => 'done', 'from' => 12, 'weeks' => 13, 'done' => 100, 'tasks' => 8,
            'outcome' => 'Half of the first harbours pay for service.', 'stages' => [], 'order' => 'any',
            'places' => ['Kirkwall', 'Esbjerg', 'Skagen', 'Stromness', 'Hirtshals', 'Thyborøn', 'Burray', 'Lyness'], 'actions' => ['Sign the service contract with %s']],
        ['title' => 'New site with real readings', 'owner' => 'jonah', 'team' => ['jonah', 'mei'], 'area' => 'Sales', 'serves' => ['rev66' => 1], 'state' => 'active', 'from' => 29, 'weeks' => 9, 'done' => 40, 'tasks' => 20,
            'outcome' => 'A harbour master sees live water in ten seconds.', 'stages' => ['Words', 'Pictures', 'Live'], 'order' => 'any',
            'places' => ['the front page', 'the harbour page', 'the farm page', 'the price page', 'the contact page'], 'actions' => ['Write %s', 'Photograph for %s', 'Build %s', 'Show %s to two customers']],
        ['title' => 'Who does what when Noor is away', 'owner' => 'elif', 'team' => ['elif', 'noor', 'mei'], 'area' => 'Team', 'serves' => ['roles' => 1], 'state' => 'active', 'from' => 3, 'weeks' => 40, 'done' => 55, 'tasks' => 22, 'stuck' => true,
            'outcome' => 'Every duty has a name and a second name.', 'stages' => ['List', 'Hand over', 'Try'], 'order' => 'staged',
            'places' => ['payroll', 'the bank', 'the insurer', 'the landlord', 'press calls', 'the workshop keys'], 'actions' => ['Write down how %s works', 'Hand over %s', 'Let somebody else do %s for a month', 'Name a second for %s']],
        ['title' => 'Moorings Faroe', 'owner' => 'priya', 'team' => ['priya', 'jonah'], 'area' => 'Moorings', 'serves' => ['wet28' => 2], 'state' => 'dropped', 'from' => 22, 'weeks' => 20, 'done' => 15, 'tasks' => 12,
            'outcome' => 'Two harbours in the Faroes.', 'stages' => [], 'order' => 'any',
            'places' => ['Tórshavn', 'Klaksvík'], 'actions' => ['Survey the berth at %s', 'Ask the ferry about %s', 'Find a dealer near %s', 'Agree the tide window at %s', 'Order chain for %s', 'Moor the buoy at %s']],
        ['title' => 'A smaller buoy for rivers', 'owner' => 'noor', 'team' => ['noor', 'tomasz'], 'area' => 'Product', 'serves' => ['rev75' => 1], 'state' => 'proposed', 'from' => 33, 'weeks' => 20, 'done' => 0, 'tasks' => 8,
            'outcome' => 'Something we could show in spring.', 'stages' => [], 'order' => 'any',
            'places' => ['the Gudenå', 'the Tay'], 'actions' => ['Ask three people who measure %s', 'Look up what is measured in %s', 'Sketch a float for %s', 'Reckon the price for %s']],
    ];

    /** Who owns the year or quarter goal. */
    public static function owner(string $goal): string
    {
        $goals = self::YEAR_GOALS + array_merge(...array_values(self::QUARTER_GOALS));

        return $goals[$goal]['owner'];
    }

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
