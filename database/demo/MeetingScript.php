<?php

declare(strict_types=1);

namespace Database\Demo;

/**
 * What the meetings of Saltglass Instruments are about.
 *
 * @phpstan-type SeriesScript array{
 *   title: string, purpose: ?string, rule: string, time: string, minutes: int, opening: int, held: int, every: int,
 *   people: non-empty-list<string>, group?: string,
 *   standing: list<array{string, int, ?string, ?string}>, talks?: list<list<array{string, string}>>,
 * }
 */
final class MeetingScript
{
    public const SERIES = [
        [
            'title' => 'Quay hour', 'purpose' => 'One hour on where we are, what is blocking us, and the next steps.',
            'rule' => 'FREQ=WEEKLY;BYDAY=WE', 'time' => '08:40', 'minutes' => 60, 'opening' => 3, 'held' => 20,
            'every' => 1,
            'people' => ['noor', 'elif', 'jonah', 'tomasz', 'priya', 'mei', 'lucia', 'kwame', 'ingrid'],
            'standing' => [
                ['Harbours', 8, 'priya', 'HB'], ['Revenue', 6, 'jonah', 'RV'],
                ['Failures', 6, 'tomasz', 'FF'],
            ]],
        [
            'title' => 'Product meeting', 'purpose' => 'What goes into the buoy next, and what comes out.',
            'rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH', 'time' => '14:00', 'minutes' => 45, 'opening' => 0, 'held' => 10,
            'every' => 2,
            'people' => People::GROUPS['Product'], 'group' => 'Product',
            'standing' => [['Failures since last time', 10, 'tomasz', 'FF'], ['Bench', 8, 'ingrid', null]]],
        [
            'title' => 'Monthly look ahead', 'purpose' => 'The next two months: who is where, and what we must promise by then.',
            'rule' => 'FREQ=MONTHLY;BYDAY=1TU', 'time' => '13:00', 'minutes' => 120, 'opening' => 5, 'held' => 5, 'every' => 4,
            'people' => People::GROUPS['The leads'], 'group' => 'The leads',
            'standing' => [['Who is where', 15, 'priya', 'HB'], ['Money until spring', 20, 'jonah', 'RV']]],
        [
            'title' => 'Noor and Elif', 'purpose' => null,
            'rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO', 'time' => '16:00', 'minutes' => 30, 'opening' => 0, 'held' => 3, 'every' => 2,
            'people' => ['noor', 'elif'], 'standing' => [['How are you', 10, null, null], ['What should I know', 10, null, null]],
            'talks' => [
                [['elif', 'Two evenings a week went to invoices. That has to stop.'], ['noor',
                    'The fitting report starts them from December.']],
                [['elif', 'I would like to lead the winter planning myself.'], ['noor', 'Yes, from this one on.']],
                [['noor', 'I hear the leads more than the crew. Lunch in the shed on Thursdays.'], ['elif',
                    'Better without a list of questions.']],
            ]],
        [
            'title' => 'Noor and Tomasz', 'purpose' => null,
            'rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=TU', 'time' => '16:00', 'minutes' => 30, 'opening' => 0, 'held' => 3, 'every' => 2,
            'people' => ['noor', 'tomasz'], 'standing' => [['How are you', 10, null, null], ['What should I know', 10, null, null]],
            'talks' => [
                [['tomasz', 'The gasket tests take all my Fridays.'], ['noor', 'Ingrid takes every second one.']],
                [['tomasz', 'A course on low-power radio in March?'], ['noor', 'If the rollout is through by then.']],
                [['tomasz', 'I said too much in the Quay hour. Sorry.'], ['noor', 'You were right, only long.']],
            ]],
        [
            'title' => 'Elif and Mei', 'purpose' => null,
            'rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH', 'time' => '11:00', 'minutes' => 30, 'opening' => 0, 'held' => 3, 'every' => 2,
            'people' => ['elif', 'mei'], 'standing' => [['How are you', 10, null, null], ['What should I know', 10, null, null]],
            'talks' => [
                [['mei', 'The Friday rota works. Ingrid is better on the phone than I am.'], ['elif', 'Then she gets the hard ones.']],
                [['mei', 'I miss the water. One fitting a month would help.'], ['elif', 'Stromness is yours.']],
                [['mei', 'Nobody reads the wall calendar.'], ['elif', 'Take it down and see who asks.']],
            ]],
    ];

    /** Meetings that stand alone: title, purpose, when they begin by today and how long, who is there, and what is to be dealt with. */
    public const ALONE = [
        'today' => [
            'Who sails this winter', 'Names for the four trips until March.', 40, ['noor', 'priya', 'kwame', 'elif'],
            [['Crew for Stromness', 'priya', 'A', 8], ['Kwame’s first trip as skipper', 'kwame', 'B', 10], ['Food on board', 'elif',
                'C', 5]],
            [
                ['priya', 'Four people, of whom two have the winter course.'], ['kwame', 'I can go from the 7th.'],
                ['noor', 'Then Mei comes along and learns the crane.'],
            ],
        ],
        'tomorrow' => [
            'Spring order', 'What we order before prices go up on Monday.', 30, ['noor', 'jonah', 'tomasz', 'ingrid'],
            [
                ['Modems for forty buoys', 'tomasz', 'A', 12], ['Floats: mould or buy', 'ingrid', 'A', 10],
                ['Chain from the second supplier', 'jonah', 'B', 8],
                ['Paint', 'ingrid', 'C', 5], ['New crane hook', 'tomasz', 'B', 6],
            ],
            [],
        ],
    ];

    /** What was said of a standing item, by the mark of its goal. */
    private const STANDING = [
        'HB' => [
            'Lerwick and Kirkwall are fitted. Stromness waits for the crane.', 'One more signed, none fitted: the wind.',
            'Two fitted in one day for the first time.', 'Fredericia moved to next week at their request.',
            'The two in Tromsø report since Tuesday.', 'Nothing fitted, three surveys done.',
        ],
        'RV' => [
            '€4,200 invoiced, all of it fittings.', 'One farm pays in two parts.', 'The coast tender is out: answer by the 20th.',
            'Two quotes open, both over €10,000.', 'A quiet week. Renewals start on Monday.',
        ],
        'FF' => [
            'Two failures, both gaskets.', 'None this week.', 'One modem, changed on the spot.',
            'Three, all from the same batch of floats.', 'One, and it was the customer’s anchor.',
        ],
    ];

    public static function standing(string $goal, int $place): string
    {
        $words = self::STANDING[$goal] ?? ['As in the figures.'];

        return $words[$place % count($words)];
    }

    public const OPEN = [
        ['Berth 7 access in winter', 'priya', 'A', 'The gate is locked from November on.', 6, 'Moorings Orkney', 2],
        ['Second modem supplier', 'tomasz', 'A', 'Twelve weeks of delivery time.', 8, 'Firmware 2.4 rollout', 0],
        ['Discount for a whole coast', 'lucia', 'B', 'Jutland asks as one.', 6, 'Baltic fish farms', 1],
        ['Website photos of people', 'jonah', 'B', 'Not everybody wants to be on it.', 5, 'New site with real readings', 0],
        ['A second key for the fuel shed', 'elif', 'B', null, 5, null, 1],
        ['Label colour for the new float', 'kwame', 'C', 'Yellow fades.', null, null, 3],
        ['Coffee machine', 'ingrid', 'C', null, null, null, 0],
    ];

    /**
     * Who writes something in a meeting of a series, by the number of the issue that it deals with.
     *
     * @param SeriesScript $script
     *
     * @return list<string>
     */
    public static function writers(array $script, int $number): array
    {
        if (isset($script['talks'])) {
            return $script['people'];
        }

        $issue = MeetingIssues::ALL[$number % count(MeetingIssues::ALL)][8];

        return [...array_column($issue, 0), ...array_filter(array_column($script['standing'], 2), is_string(...))];
    }
}
