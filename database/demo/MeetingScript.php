<?php

declare(strict_types=1);

namespace Database\Demo;

/**
 * What the meetings of Saltglass Instruments are about.
 *
 * @phpstan-type SeriesScript array{
 *   title: string, purpose: string, rule: string, time: string, minutes: int, opening: int, held: int,
 *   people: non-empty-list<string>, standing: list<array{string, int, ?string, ?string}>,
 * }
 */
final class MeetingScript
{
    public const SERIES = [
        [
            'title' => 'Quay hour', 'purpose' => 'One hour on where we are, what is blocking us, and the next steps.',
            'rule' => 'FREQ=WEEKLY;BYDAY=WE', 'time' => '08:40', 'minutes' => 60, 'opening' => 3, 'held' => 20,
            'people' => ['noor', 'elif', 'jonah', 'tomasz', 'priya', 'mei', 'lucia', 'kwame', 'ingrid'],
            'standing' => [
                ['Harbours', 8, 'priya', 'HB'], ['Revenue', 6, 'jonah', 'RV'],
                ['Failures', 6, 'tomasz', 'FF'],
            ]],
        [
            'title' => 'Product meeting', 'purpose' => 'What goes into the buoy next, and what comes out.',
            'rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH', 'time' => '14:00', 'minutes' => 45, 'opening' => 0, 'held' => 10,
            'people' => ['tomasz', 'ingrid', 'noor', 'kwame', 'mei'],
            'standing' => [['Failures since last time', 10, 'tomasz', 'FF'], ['Bench', 8, 'ingrid', null]]],
    ];

    public const ISSUES = [
        [
            'Divers’ insurance for the winter', 'noor', 'A', 'Two offers: €3,100 with the winter clause, €2,450 without.',
            'We take the offer with the winter clause.', 'Two harbours are promised for December.', 'Sign the insurer’s offer', 'elif',
        ],
        [
            'Who answers the harbour offices on Fridays', 'mei', 'B', 'Calls pile up after noon.', 'Mei and Ingrid take turns.', null,
            'Put the Friday rota on the wall', 'mei',
        ],
        [
            'Spare floats: how many', 'kwame', 'B', 'The mould gives four a week.', 'We keep six in the shed.', 'That is one bad storm.',
            'Cast two more floats', 'kwame',
        ],
        [
            'Berth 7 is too shallow at springs', 'priya', 'A', 'Half a metre at low water.', 'We move to berth 9.',
            'The harbour master agrees.', 'Tell the harbour office about berth 9', 'priya',
        ],
        [
            'Price for three years', 'lucia', 'A', 'The farms ask for it, we have none.',
            'Twelve per cent less for three years, paid yearly.', 'It covers the winter crew.', 'Write the three-year price list', 'lucia',
        ],
        [
            'Gasket supplier is late again', 'tomasz', 'B', 'Third time since spring.', 'We test the second supplier.', null,
            'Order twenty gaskets from the second supplier', 'ingrid',
        ],
        [
            'Team day: where', 'jonah', 'C', 'Boat or forest.', 'Boat, if the weather holds.', null, 'Ask for the ferry’s small boat',
            'jonah',
        ],
        [
            'Update over the air on bad links', 'ingrid', 'B', 'Two buoys gave up half way.', 'We send it in pieces at night.',
            'Costs nothing but time.', 'Cut the update into pieces', 'ingrid',
        ],
    ];

    public const OPEN = [
        ['Berth 7 access in winter', 'priya', 'A', 'The gate is locked from November on.', 6, 'Moorings Orkney', 2],
        ['Second modem supplier', 'tomasz', 'A', 'Twelve weeks of delivery time.', 8, 'Firmware 2.4 rollout', 0],
        ['Discount for a whole coast', 'lucia', 'B', 'Jutland asks as one.', 6, 'Baltic fish farms', 1],
        ['Website photos of people', 'jonah', 'B', 'Not everybody wants to be on it.', 5, 'New site with real readings', 0],
        ['A second key for the fuel shed', 'elif', 'B', null, 5, null, 1],
        ['Label colour for the new float', 'kwame', 'C', 'Yellow fades.', null, null, 3],
        ['Coffee machine', 'ingrid', 'C', null, null, null, 0],
    ];
}
