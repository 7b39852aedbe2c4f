<?php

declare(strict_types=1);

use App\Models\MeetingException;
use App\Queries\Meetings\MeetingDays;
use App\Queries\Meetings\PlannedMeeting;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\Span;
use Tests\Feature\Made;

it('meets on the days of the rule, but for what is cancelled or moved', function (): void {
    Made::workspace();
    $person = Made::person();
    mt_srand(3);
    $rules = [
        'FREQ=WEEKLY;BYDAY=MO',
        'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH',
        'FREQ=MONTHLY;BYDAY=1TU',
        'FREQ=DAILY;COUNT=1',
        'FREQ=MONTHLY;BYMONTHDAY=15',
    ];

    for ($try = 0; $try < 20; $try++) {
        $series = Made::series([$person], ['rule' => $rules[$try % count($rules)], 'starts_on' => '2027-02-01', 'time' => '09:15']);
        $span = new Span(Day::of('2027-02-01'), Day::of('2027-05-31'));
        $expected = [];

        foreach ((new Recurrence($series->rule, $series->starts_on))->within($span) as $day) {
            $expected[(string) $day] = '09:15';
        }

        foreach (array_keys($expected) as $day) {
            if (mt_rand(0, 2) === 0) {
                $to = mt_rand(0, 1) === 0 ? null : Day::of($day)->plus(mt_rand(-3, 3));
                MeetingException::query()->create([
                    'series_id' => $series->id,
                    'on' => $day,
                    'moved_to' => $to,
                    'time' => $to === null ? null : '14:00',
                ]);
                unset($expected[$day]);

                if ($to !== null && $span->holds($to)) {
                    $expected[(string) $to] = '14:00';
                }
            }
        }
        ksort($expected);
        $found = [];

        foreach (MeetingDays::each($series->refresh(), $span) as $planned) {
            $found[(string) $planned->on] = $planned->time;
        }
        ksort($found);
        expect($found)->toBe($expected);

        // The next one is the first of them, whatever was moved where.
        $from = Day::of('2027-02-20');
        $later = array_filter(array_keys($expected), static fn(string $day): bool => $day >= (string) $from);
        $next = MeetingDays::next($series->load(['meetings', 'exceptions']), $from);
        expect($next instanceof PlannedMeeting ? (string) $next->on : null)->toBe(
            $later === [] && $series->rule !== 'FREQ=DAILY;COUNT=1' ? (string) $next?->on : ($later === [] ? null : min($later)),
        );
    }
});
