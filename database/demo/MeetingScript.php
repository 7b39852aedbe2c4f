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

    /** Title, who raised it, rank, context, decision, reason, next step, its owner, and the lines that were written. */
    public const ISSUES = [
        [
            'Divers’ insurance for the winter', 'noor', 'A', 'Two offers: €3,100 with the winter clause, €2,450 without.',
            'We take the offer with the winter clause.', 'Two harbours are promised for December.', 'Sign the insurer’s offer', 'elif',
            [
                ['noor', 'Without the clause nobody dives from November to February.'],
                ['priya', 'Berths 9 and 12 would move to spring.'],
                ['jonah', 'Lerwick has been told December. €650 is less than that is worth.'],
            ],
        ],
        [
            'Who answers the harbour offices on Fridays', 'mei', 'B', 'Calls pile up after noon.', 'Mei and Ingrid take turns.', null,
            'Put the Friday rota on the wall', 'mei',
            [['mei', 'Eleven calls last Friday, seven of them after 15:00.'], ['ingrid', 'I can take every second one from home.']],
        ],
        [
            'Spare floats: how many', 'kwame', 'B', 'The mould gives four a week.', 'We keep six in the shed.', 'That is one bad storm.',
            'Cast two more floats', 'kwame',
            [['kwame', 'Four in the shed, two cracked at the lugs.'], ['tomasz', 'The storm in March took five.']],
        ],
        [
            'Berth 7 is too shallow at springs', 'priya', 'A', 'Half a metre at low water.', 'We move to berth 9.',
            'The harbour master agrees.', 'Tell the harbour office about berth 9', 'priya',
            [
                ['priya', 'Measured on Monday: 0.5 m at 06:40.'],
                ['noor', 'Berth 9 is 40 m further from the outfall. Is that still a fair reading?'],
                ['tomasz', 'Yes, the current runs past both.'],
            ],
        ],
        [
            'Price for three years', 'lucia', 'A', 'The farms ask for it, we have none.',
            'Twelve per cent less for three years, paid yearly.', 'It covers the winter crew.', 'Write the three-year price list', 'lucia',
            [
                ['lucia', 'Three farms asked in October alone.'],
                ['jonah', 'At 15% we lose the winter crew’s pay, at 12% we do not.'],
                ['elif', 'Paid yearly, in January.'],
            ],
        ],
        [
            'Gasket supplier is late again', 'tomasz', 'B', 'Third time since spring.', 'We test the second supplier.', null,
            'Order twenty gaskets from the second supplier', 'ingrid',
            [['tomasz', 'Promised for the 3rd, here on the 19th.'], ['ingrid', 'The second one ships from Bergen in four days.']],
        ],
        [
            'Team day: where', 'jonah', 'C', 'Boat or forest.', 'Boat, if the weather holds.', null, 'Ask for the ferry’s small boat',
            'jonah', [['kwame', 'Forest if it blows more than six.'], ['mei', 'Nobody should have to bring a tent.']],
        ],
        [
            'Update over the air on bad links', 'ingrid', 'B', 'Two buoys gave up half way.', 'We send it in pieces at night.',
            'Costs nothing but time.', 'Cut the update into pieces', 'ingrid',
            [
                ['ingrid', 'Both stopped at 41%, at noon, when the ferry is in.'],
                ['tomasz', 'At night the link holds for an hour at a time.'],
            ],
        ],
        [
            'Readings differ between two buoys in one harbour', 'ingrid', 'A', 'Tromsø A and B are 0.4 mg apart.',
            'Both are calibrated on the same day from now on.', 'The older one had drifted since June.',
            'Add the pair to the calibration round', 'tomasz',
            [['ingrid', 'Same depth, 60 m apart.'], ['kwame', 'A was last on the bench in June, B in September.']],
        ],
        [
            'Who may open the tool store', 'elif', 'C', 'The torque wrench was missing for a week.', 'Two keys, both signed for.', null,
            'Make a list for the tool store keys', 'kwame', [['kwame', 'It was in the van.'], ['elif', 'So the list says which van.']],
        ],
        [
            'Invoices go out late', 'jonah', 'B', 'Nineteen days after fitting, on average.', 'The fitter’s report starts the invoice.',
            'Everything in it is known that evening.', 'Draft the invoice from the fitting report', 'jonah',
            [['jonah', 'The longest took 44 days: the report lay in a jacket.'], ['lucia', 'Two customers asked why they had none yet.']],
        ],
        [
            'The winter boat', 'noor', 'A', 'The charter ends on 15 January.', 'We charter until the end of March.',
            'Two fittings and all repairs need it.', 'Extend the charter to March', 'priya',
            [['priya', '€1,850 a month, crew not included.'], ['noor', 'Less than one week of waiting for another boat.']],
        ],
        [
            'A customer wants the raw readings', 'lucia', 'B', 'Fredericia asks for every value, not hourly means.',
            'They get a file each night.', 'It costs an hour to set up.', 'Set up the nightly file for Fredericia', 'mei',
            [['lucia', 'They compare us with their own probe.'], ['mei', 'The values are there, only nobody had asked.']],
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
}
