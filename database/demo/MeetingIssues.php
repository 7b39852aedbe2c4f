<?php

declare(strict_types=1);

namespace Database\Demo;

/** What the held meetings of Saltglass Instruments dealt with, each once. */
final class MeetingIssues
{
    /** Title, who raised it, rank, context, decision, reason, next step, its owner, and the lines that were written. */
    public const ALL = [
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
            'Twelve per cent less for three years, paid yearly.', 'It covers the winter crew.', 'Write the three-year price list',
            'lucia',
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
        [
            'Two cranes, one weekend', 'priya', 'A', 'Stromness and Lerwick both want the 14th.', 'Stromness first, Lerwick on the 21st.',
            'The ferry to Lerwick is full anyway.', 'Tell Lerwick about the 21st', 'priya',
            [['priya', 'The same crane serves both.'], ['jonah', 'Lerwick has asked first, Stromness has signed first.']],
        ],
        [
            'Batteries after the first winter', 'tomasz', 'B', 'Six buoys are below 70% in November.',
            'We fit the larger pack from now on.',
            '€38 more, two visits less.', 'Order the larger packs', 'ingrid',
            [['tomasz', 'All six lie north of 60°.'], ['ingrid', 'The larger pack fits without a new lid.']],
        ],
        [
            'The website says “from 24 h”', 'mei', 'C', 'Nobody has ever had one within a day.', 'It says “within a week” now.', null,
            'Change the delivery time on the website', 'mei', [['mei', 'Two customers quoted it back at me.'], ['lucia',
                'A week is still faster than others.']],
        ],
        [
            'A student for the summer', 'ingrid', 'C', 'The university asks by the end of the month.', 'Yes, for the bench, eight weeks.',
            'The calibration backlog is hers to clear.', 'Answer the university', 'elif', [['ingrid',
                'I can look after one person, not two.']],
        ],
        [
            'Kirkwall does not answer', 'jonah', 'B', 'Three mails since the fitting.', 'Noor calls the harbour master.', null,
            'Call Kirkwall', 'noor', [['jonah', 'The invoice is open for 40 days.'], ['priya', 'They were happy on the quay.']],
        ],
        [
            'Barnacles on the probe', 'kwame', 'A', 'Readings climb after eight weeks in warm water.',
            'A copper ring on every probe south of 56°.',
            'It held for fourteen weeks in the test tank.', 'Turn thirty copper rings', 'kwame',
            [['kwame', 'Photographs are in the folder of the buoy.'], ['tomasz',
                'Copper moves the reading by 0.01, we can live with that.']],
        ],
        [
            'Who signs off a fitting', 'priya', 'B', 'Twice nobody did, and the customer asked.',
            'The skipper, on the quay, with a photograph.', null,
            'Add the sign-off to the fitting list', 'priya', [['priya', 'A photograph with the harbour in it.'], ['elif',
                'Then the invoice can go the same evening.']],
        ],
        [
            'Prices of the second year', 'lucia', 'A', 'Nine contracts end before April.', 'Plus four per cent, said three months ahead.',
            'Less than the parts went up.', 'Write to the nine customers', 'lucia', [['lucia', 'Two will grumble.'], ['jonah',
                'None has another offer.']],
        ],
        [
            'The van', 'kwame', 'B', 'It failed its inspection.', 'We repair it once more.', '€900 against a year of rent.',
            'Book the repair', 'kwame',
            [['kwame', 'Brakes and one sill.'], ['noor', 'And a new one in the plan for next year.']],
        ],
        [
            'Alarms at three in the morning', 'mei', 'A', 'Four last week, none of them real.',
            'Two readings in a row before anybody is woken.',
            'Every false one was a single spike.', 'Change the alarm rule', 'tomasz', [['mei', 'Sten in Bergen has switched his off.'],
                ['tomasz', 'It costs ten minutes of warning.']],
        ],
        [
            'Talks at the fair', 'jonah', 'C', 'Two slots, both on the first day.', 'Priya talks about moorings, Tomasz listens.', null,
            'Send the title of the talk', 'priya', [['jonah', 'The title is due on the 20th.']],
        ],
        [
            'Spare parts on board', 'kwame', 'B', 'The crew came back for a shackle.', 'One sealed box for each trip.',
            'Half a day lost for €4.',
            'Pack the first three boxes', 'kwame', [['kwame', 'Shackles, two gaskets, a modem, tape.'], ['priya',
                'And the list in the lid.']],
        ],
        [
            'The farm that reads our page all night', 'mei', 'C', 'One address asks every second.', 'We ask them what they need.', null,
            'Write to the farm', 'lucia', [['mei', 'It is the one with nine cages.'], ['lucia', 'They may want the file each night.']],
        ],
        [
            'A second person who can calibrate', 'tomasz', 'A', 'When Ingrid was ill, nothing left the bench for six days.',
            'Kwame learns it by March.',
            'One is not enough.', 'Plan four Fridays at the bench', 'ingrid', [['ingrid', 'Four Fridays, then alone under my eyes.']],
        ],
        [
            'Ice', 'priya', 'B', 'Luleå asks whether the buoy stays in.', 'It comes out in December.',
            'No float of ours is made for ice.',
            'Offer Luleå a winter price', 'jonah', [['priya', 'We lift it in the second week.'], ['jonah',
                'Then they pay for nine months.']],
        ],
        [
            'Names of the buoys', 'ingrid', 'C', 'Two are called North.',
            'Harbour, then a number.', null, 'Rename the two in the system', 'ingrid',
            [['ingrid', 'The customers may call them as they like.']],
        ],
        [
            'Insurance wants the mooring drawings', 'elif', 'B', 'For all harbours over 10 m.',
            'We draw the five that are missing.', null,
            'Draw the moorings of Tromsø and Bergen', 'priya', [['elif', 'They give us until February.'], ['priya',
                'Two a week is possible.']],
        ],
        [
            'Trial buoys that never come back', 'lucia', 'A', 'Four are out since spring.', 'A trial ends after ten weeks, in writing.',
            'Each is €2,100 on somebody’s quay.', 'Ask for the four trial buoys', 'lucia', [['lucia', 'Two will buy when asked.'],
                ['jonah', 'Then ask with an offer.']],
        ],
        [
            'Night shifts in a storm', 'noor', 'B', 'Nobody knows who is woken.', 'A list by week, leads included.',
            'Everybody is woken equally rarely.',
            'Draw up the list until Easter', 'elif', [['noor', 'I take Christmas.'], ['kwame', 'I take New Year.']],
        ],
        [
            'The old firmware', 'tomasz', 'B', 'Seven buoys still run 2.1.', 'They are updated on their next visit, not before.',
            'None of them fails.', 'Mark the seven in the register', 'ingrid', [['tomasz', 'Over the air it would take all night each.']],
        ],
        [
            'Certificates in English', 'jonah', 'C', 'Rotterdam sends ours back.',
            'Both languages on one page.', null, 'Lay the certificate out anew', 'mei',
            [['jonah', 'It is the stamp they miss.'], ['mei', 'Then the stamp gets bigger.']],
        ],
        [
            'Too many meetings on Wednesdays', 'elif', 'C', 'Four of us lose the whole morning.',
            'Nothing after the Quay hour before lunch.', null,
            'Move the supplier call to Thursday', 'jonah', [['elif', 'I counted: eleven hours a month.'], ['noor',
                'Then we start with my calls.']],
        ],
    ];

    /**
     * What somebody says who does not attend this meeting, one says who does.
     *
     * @param list<array{string, string}> $lines
     * @param non-empty-list<string> $present
     *
     * @return list<array{string, string}>
     */
    public static function spoken(array $lines, array $present): array
    {
        return array_map(
            static fn(array $line): array => [in_array($line[0], $present, true) ? $line[0] : $present[0], $line[1]],
            $lines,
        );
    }
}
