<?php

declare(strict_types=1);

namespace Database\Demo;

/** What the weeks of Saltglass Instruments are about. */
final class WeekScript
{
    /** Of the founder: title, days from today or weeks in which it was planned, whether it is done, minutes. */
    public const FOUNDER = [
        ['Rewrite the mooring guide', '-4 weeks', false, 90],
        ['Spare parts list', '-2 weeks', false, 45],
        ['Photos of the new float for the site', '-1 weeks', false, 45],
        ['Order shackles for Kirkwall', '-2 days', true, 15],
        ['Read the insurer’s offer', '-1 days', true, 30],
        ['Tell the crew about Thursday', '-1 days', true, 15],
        ['Ring the harbour office about berth 7', '0 days', false, 15],
        ['Review the week', '2 days', false, 30],
    ];

    public const THIS_WEEK = [
        ['Six buoys moored at Kirkwall', 'wet28', 'priya', true, ['Moor buoys 3 and 4', 'Moor buoys 5 and 6', 'Lift the old sinkers']],
        [
            'Firmware 2.4 in the hands of the field crew', 'firmware', 'tomasz', true,
            ['Release 2.4 to the bench', 'Read crew notes on 2.4', 'Answer the crew’s questions on 2.4'],
        ],
        [
            'Quotes out to the three Baltic farms', 'baltic', 'noor', false,
            ['Quote for the Gotland farm by weight of fish', 'Ring the Bornholm farm about winter'],
        ],
        ['Elif runs the week’s meetings', 'weekaway', 'elif', false, []],
    ];

    /** First words of those titles that keep their capital wherever they stand. */
    private const NAMES = ['Elif', 'Kirkwall', 'Mei', 'Monday', 'Noor'];

    public const TITLES = [
        'HB' => [
            'Berths 9 and 12 prepared', 'Two buoys fitted before the spring tide', 'Chain for four harbours ordered',
            'Survey of the outer pier done', 'Crew two moors alone once', 'Hand-over notes for Stromness', 'Divers booked until March',
            'Tide windows agreed for the month', 'Sinkers cast for six buoys', 'Kirkwall berths surveyed',
        ],
        'RV' => [
            'Four past customers called', 'Offer for the Øresund farm', 'Two service contracts signed', 'Price for three years worked out',
            'Pictures of the new float online', 'Reply to the Gotland tender', 'Renewals for spring sent',
            'Booth at the harbour fair booked', 'First invoice for winter service', 'Two visits on Bornholm',
        ],
        'FF' => [
            'Firmware 2.4 on the bench', 'Five failed connectors opened', 'Cold test of cell B done', 'Log says why for all of last month',
            'Watchdog proven on three buoys', 'New gasket in stock', 'Telemetry gaps under one per cent', 'Battery swap under ten minutes',
            'pH drift explained', 'Update over the air works twice',
        ],
        'TM' => [
            'Elif closes the month alone', 'Bank access for two people', 'Three duties handed over', 'Noor off the phone on Thursday',
            'Second name for every key', 'Payroll written down', 'Workshop rota for a month', 'Mei answers the press',
            'Insurance explained to Elif', 'Monday without Noor',
        ],
    ];

    public const UNDER = [
        1 => ['HB' => 'approval', 'RV' => 'rev47', 'FF' => 'faillog', 'TM' => 'roles'],
        2 => ['HB' => 'wet15', 'RV' => 'rev55', 'FF' => 'fail5', 'TM' => 'chairs'],
        3 => ['HB' => 'wet28', 'RV' => 'baltic', 'FF' => 'firmware', 'TM' => 'weekaway'],
        4 => ['HB' => 'wet40', 'RV' => 'rev75', 'FF' => 'fail3', 'TM' => 'twoweeks'],
    ];

    public const FOCUS = [
        'Get the Kirkwall buoys into the water before the weather turns.', 'Sell before the fair.', 'Finish what is on the bench.',
        'Nothing new this week.', 'Crew two goes out alone.', 'Quiet week, catch up on papers.',
    ];

    public const LOOSE = [
        'Water the plants', 'Order printer labels', 'Fix the workshop tap', 'Renew the van’s insurance', 'Book the train to Esbjerg',
        'Send receipts to the accountant', 'Clear the inbox', 'Return the borrowed winch', 'Thank the fair organisers',
        'Update the phone list', 'Sort the spare parts shelf', 'Call the landlord about heating', 'Back up the laptop', 'Find a dentist',
        'Write to the university about interns', 'Read the new radio rules',
    ];

    /** A title as it is written after a colon. */
    public static function afterColon(string $title): string
    {
        return in_array(strtok($title, ' '), self::NAMES, true) ? $title : lcfirst($title);
    }
}
