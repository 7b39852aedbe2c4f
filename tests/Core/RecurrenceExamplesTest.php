<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\Span;

/**
 * RFC 5545, 3.8.5.3: its own examples, as far as they turn in days and are bounded. Meetings are on days: the day that UNTIL names
 * is one of them.
 */
it('gives the dates that the standard gives', function (string $starts, string $rule, array $months): void {
    $expected = [];

    foreach ($months as $month => $days) {
        foreach ($days as $day) {
            $expected[] = sprintf('%s-%02d', $month, $day);
        }
    }

    $last = Day::of($expected[count($expected) - 1]);
    // What comes after the last one named is not said by an example that goes on; where it ends, nothing comes.
    $until = preg_match('/COUNT|UNTIL/', $rule) === 1 ? $last->plus(800) : $last;
    $found = (new Recurrence($rule, Day::of($starts)))->within(new Span(Day::of($starts), $until));

    expect(array_map(strval(...), $found))->toBe($expected);
})->with([
    'daily for 10' => ['1997-09-02', 'FREQ=DAILY;COUNT=10', ['1997-09' => range(2, 11)]],
    'daily until 24 December' => [
        '1997-09-02',
        'FREQ=DAILY;UNTIL=19971224T000000Z',
        ['1997-09' => range(2, 30), '1997-10' => range(1, 31), '1997-11' => range(1, 30), '1997-12' => range(1, 24)],
    ],
    'every other day' => ['1997-09-02', 'FREQ=DAILY;INTERVAL=2', ['1997-09' => range(2, 30, 2), '1997-10' => range(2, 30, 2)]],
    'every 10 days, 5 times' => ['1997-09-02', 'FREQ=DAILY;INTERVAL=10;COUNT=5', ['1997-09' => [2, 12, 22], '1997-10' => [2, 12]]],
    'weekly for 10' => [
        '1997-09-02',
        'FREQ=WEEKLY;COUNT=10',
        ['1997-09' => [2, 9, 16, 23, 30], '1997-10' => [7, 14, 21, 28], '1997-11' => [4]],
    ],
    'every other week' => [
        '1997-09-02',
        'FREQ=WEEKLY;INTERVAL=2;WKST=SU',
        ['1997-09' => [2, 16, 30], '1997-10' => [14, 28], '1997-11' => [11, 25], '1997-12' => [9, 23], '1998-01' => [6, 20]],
    ],
    'Tuesdays and Thursdays for five weeks' => [
        '1997-09-02',
        'FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH',
        ['1997-09' => [2, 4, 9, 11, 16, 18, 23, 25, 30], '1997-10' => [2]],
    ],
    'every other week on three days, until 24 December' => [
        '1997-09-01',
        'FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR',
        [
            '1997-09' => [1, 3, 5, 15, 17, 19, 29],
            '1997-10' => [1, 3, 13, 15, 17, 27, 29, 31],
            '1997-11' => [10, 12, 14, 24, 26, 28],
            '1997-12' => [8, 10, 12, 22, 24],
        ],
    ],
    'every other week on two days, 8 times' => [
        '1997-09-02',
        'FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH',
        ['1997-09' => [2, 4, 16, 18, 30], '1997-10' => [2, 14, 16]],
    ],
    'the first Friday, 10 times' => [
        '1997-09-05',
        'FREQ=MONTHLY;COUNT=10;BYDAY=1FR',
        [
            ...['1997-09' => [5], '1997-10' => [3], '1997-11' => [7], '1997-12' => [5]],
            ...['1998-01' => [2], '1998-02' => [6], '1998-03' => [6], '1998-04' => [3], '1998-05' => [1], '1998-06' => [5]],
        ],
    ],
    'the first Friday until 24 December' => [
        '1997-09-05',
        'FREQ=MONTHLY;UNTIL=19971224T000000Z;BYDAY=1FR',
        ['1997-09' => [5], '1997-10' => [3], '1997-11' => [7], '1997-12' => [5]],
    ],
    'every other month on the first and last Sunday' => [
        '1997-09-07',
        'FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU',
        ['1997-09' => [7, 28], '1997-11' => [2, 30], '1998-01' => [4, 25], '1998-03' => [1, 29], '1998-05' => [3, 31]],
    ],
    'the second-to-last Monday for six months' => [
        '1997-09-22',
        'FREQ=MONTHLY;COUNT=6;BYDAY=-2MO',
        ['1997-09' => [22], '1997-10' => [20], '1997-11' => [17], '1997-12' => [22], '1998-01' => [19], '1998-02' => [16]],
    ],
    'the third-to-last day of the month' => [
        '1997-09-28',
        'FREQ=MONTHLY;BYMONTHDAY=-3',
        ['1997-09' => [28], '1997-10' => [29], '1997-11' => [28], '1997-12' => [29], '1998-01' => [29], '1998-02' => [26]],
    ],
    'the 2nd and the 15th' => [
        '1997-09-02',
        'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15',
        ['1997-09' => [2, 15], '1997-10' => [2, 15], '1997-11' => [2, 15], '1997-12' => [2, 15], '1998-01' => [2, 15]],
    ],
    'the first and the last day of the month' => [
        '1997-09-30',
        'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1',
        [
            ...['1997-09' => [30], '1997-10' => [1, 31], '1997-11' => [1, 30], '1997-12' => [1, 31]],
            ...['1998-01' => [1, 31], '1998-02' => [1]],
        ],
    ],
    'every 18 months on the 10th to the 15th' => [
        '1997-09-10',
        'FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15',
        ['1997-09' => range(10, 15), '1999-03' => range(10, 13)],
    ],
    'every Tuesday, every other month' => [
        '1997-09-02',
        'FREQ=MONTHLY;INTERVAL=2;BYDAY=TU',
        ['1997-09' => [2, 9, 16, 23, 30], '1997-11' => [4, 11, 18, 25], '1998-01' => [6, 13, 20, 27], '1998-03' => [3, 10, 17, 24, 31]],
    ],
    'in June and July' => [
        '1997-06-10',
        'FREQ=YEARLY;COUNT=10;BYMONTH=6,7',
        [
            ...['1997-06' => [10], '1997-07' => [10], '1998-06' => [10], '1998-07' => [10], '1999-06' => [10], '1999-07' => [10]],
            ...['2000-06' => [10], '2000-07' => [10], '2001-06' => [10], '2001-07' => [10]],
        ],
    ],
    'every other year in January, February and March' => [
        '1997-03-10',
        'FREQ=YEARLY;INTERVAL=2;COUNT=10;BYMONTH=1,2,3',
        [
            ...['1997-03' => [10], '1999-01' => [10], '1999-02' => [10], '1999-03' => [10], '2001-01' => [10]],
            ...['2001-02' => [10], '2001-03' => [10], '2003-01' => [10], '2003-02' => [10], '2003-03' => [10]],
        ],
    ],
    'every Thursday in March' => [
        '1997-03-13',
        'FREQ=YEARLY;BYMONTH=3;BYDAY=TH',
        ['1997-03' => [13, 20, 27], '1998-03' => [5, 12, 19, 26], '1999-03' => [4, 11, 18, 25]],
    ],
    'every Thursday of the summer' => [
        '1997-06-05',
        'FREQ=YEARLY;BYDAY=TH;BYMONTH=6,7,8',
        [
            ...['1997-06' => [5, 12, 19, 26], '1997-07' => [3, 10, 17, 24, 31], '1997-08' => [7, 14, 21, 28]],
            ...['1998-06' => [4, 11, 18, 25], '1998-07' => [2, 9, 16, 23, 30], '1998-08' => [6, 13, 20, 27]],
        ],
    ],
    'the third of Tuesday, Wednesday and Thursday' => [
        '1997-09-04',
        'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3',
        ['1997-09' => [4], '1997-10' => [7], '1997-11' => [6]],
    ],
    'the second-to-last weekday' => [
        '1997-09-29',
        'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2',
        [
            ...['1997-09' => [29], '1997-10' => [30], '1997-11' => [27], '1997-12' => [30]],
            ...['1998-01' => [29], '1998-02' => [26], '1998-03' => [30]],
        ],
    ],
    'every other week, weeks beginning on Monday' => [
        '1997-08-05',
        'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO',
        ['1997-08' => [5, 10, 19, 24]],
    ],
    'every other week, weeks beginning on Sunday' => [
        '1997-08-05',
        'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU',
        ['1997-08' => [5, 17, 19, 31]],
    ],
    'a day that a month lacks' => [
        '2007-01-15',
        'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5',
        ['2007-01' => [15, 30], '2007-02' => [15], '2007-03' => [15, 30]],
    ],
]);
