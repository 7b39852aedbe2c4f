<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Day\FocusRounds;
use Loftrin\Core\Day\FreeTime;
use Loftrin\Core\Day\Habit;
use Loftrin\Core\Day\HabitPer;
use Loftrin\Core\Day\HabitState;
use Loftrin\Core\Day\HoursKind;
use Loftrin\Core\Day\LogTag;
use Loftrin\Core\Day\ProtectedHours;
use Loftrin\Core\Day\TimeAway;

/** @param array<string, int> $counts by date */
function habit(HabitPer $per, int $times, array $counts, string $began = '2027-01-04', array $weekdays = [], array $rests = []): Habit
{
    $byNumber = [];

    foreach ($counts as $date => $count) {
        $byNumber[Day::of($date)->number] = $count;
    }

    return new Habit(
        $per,
        $times,
        $weekdays,
        Day::of($began),
        $byNumber,
        array_map(static fn(array $rest): Span => new Span(Day::of($rest[0]), Day::of($rest[1])), $rests),
    );
}

$days = static fn(string $first, int $count): array => array_fill_keys(
    array_map(static fn(int $day): string => (string) Day::of($first)->plus($day), range(0, $count - 1)),
    1,
);

describe('a habit in a row (computation 12)', function () use ($days): void {
    it('counts the periods that met the target', function (Habit $habit, string $on, int $row): void {
        expect($habit->inARow(new Calendar(), Day::of($on)))->toBe($row);
    })->with([
        'nothing done' => [habit(HabitPer::Day, 1, []), '2027-02-10', 0],
        'the day it began neither counts nor breaks' => [habit(HabitPer::Day, 1, ['2027-02-10' => 1], '2027-02-10'), '2027-02-10', 0],
        'before it began' => [habit(HabitPer::Day, 1, [], '2027-02-10'), '2027-02-01', 0],
        'today not yet done does not break' => [habit(HabitPer::Day, 1, $days('2027-02-07', 3)), '2027-02-10', 3],
        'today done adds one' => [habit(HabitPer::Day, 1, $days('2027-02-07', 4)), '2027-02-10', 4],
        'a missed day breaks' => [habit(HabitPer::Day, 1, ['2027-02-07' => 1, '2027-02-09' => 1]), '2027-02-10', 1],
        'twice a day' => [habit(HabitPer::Day, 2, ['2027-02-08' => 1, '2027-02-09' => 2, '2027-02-10' => 3]), '2027-02-10', 2],
        'only on the chosen weekdays' => [
            habit(HabitPer::Day, 1, ['2027-02-05' => 1, '2027-02-08' => 1], '2027-01-04', [Weekday::Monday, Weekday::Friday]),
            '2027-02-10',
            2,
        ],
        'a rest neither counts nor breaks' => [
            habit(HabitPer::Day, 1, ['2027-02-06' => 1, '2027-02-09' => 1], rests: [['2027-02-07', '2027-02-08']]),
            '2027-02-10',
            2,
        ],
        'done on a day of rest still does not count' => [
            habit(HabitPer::Day, 1, $days('2027-02-06', 4), rests: [['2027-02-08', '2027-02-08']]),
            '2027-02-09',
            3,
        ],
        'three a week, the present one open' => [
            habit(HabitPer::Week, 3, [...$days('2027-01-25', 3), ...$days('2027-02-01', 3), '2027-02-09' => 1]),
            '2027-02-10',
            2,
        ],
        'the week in which it began' => [habit(HabitPer::Week, 1, ['2027-02-02' => 1, '2027-02-09' => 1], '2027-02-01'), '2027-02-10', 1],
        'a rest of one day is a rest of its week' => [
            habit(HabitPer::Week, 2, ['2027-01-25' => 2, '2027-02-09' => 2], rests: [['2027-02-03', '2027-02-03']]),
            '2027-02-10',
            2,
        ],
        'months, over a leap day' => [
            habit(HabitPer::Month, 1, ['2028-01-31' => 1, '2028-02-29' => 1, '2028-03-01' => 1], '2027-12-01'),
            '2028-03-31',
            3,
        ],
        'a day counts as seven count themselves' => [habit(HabitPer::Day, 1, $days('2027-03-20', 20)), '2027-04-08', 20],
    ]);

    it('counts weeks from the day on which they start', function (): void {
        $habit = habit(HabitPer::Week, 1, ['2027-02-07' => 1, '2027-01-31' => 1]);

        expect($habit->inARow(new Calendar(Weekday::Sunday), Day::of('2027-02-08')))
            ->toBe(2)
            ->and($habit->inARow(new Calendar(), Day::of('2027-02-08')))
            ->toBe(2)
            ->and($habit->inARow(new Calendar(Weekday::Sunday), Day::of('2027-02-14')))
            ->toBe(2);
    });

    it('shows the last periods, the oldest first', function (): void {
        $habit = habit(HabitPer::Week, 2, ['2027-01-26' => 2, '2027-02-02' => 1], '2027-01-18');
        $states = array_map(
            static fn($period): array => [(string) $period->span->first, $period->count, $period->state],
            $habit->recent(new Calendar(), Day::of('2027-02-10'), 7),
        );

        expect($states)->toBe([
            ['2027-01-18', 0, HabitState::Rest],
            ['2027-01-25', 2, HabitState::Met],
            ['2027-02-01', 1, HabitState::Missed],
            ['2027-02-08', 0, HabitState::Open],
        ]);
        expect($habit->recent(new Calendar(), Day::of('2027-02-10'), 2))->toHaveCount(2);
    });

    it('is no longer in a row than it has met periods, whatever happened', function (): void {
        mt_srand(27);

        for ($try = 0; $try < 200; $try++) {
            $counts = [];

            foreach (range(0, 60) as $day) {
                $counts[(string) Day::of('2027-01-04')->plus($day)] = mt_rand(0, 2);
            }

            $per = HabitPer::cases()[mt_rand(0, 2)];
            $habit = habit($per, mt_rand(1, 3), $counts, '2027-01-08');
            $on = Day::of('2027-01-08')->plus(mt_rand(0, 60));
            $all = $habit->recent(new Calendar(), $on, 100);
            $met = array_filter($all, static fn($period): bool => $period->state === HabitState::Met);
            $row = $habit->inARow(new Calendar(), $on);

            expect($row)->toBeLessThanOrEqual(count($met));

            // One more time today never makes it shorter.
            $more = habit($per, $habit->times, [...$counts, (string) $on => ($counts[(string) $on] ?? 0) + 1], '2027-01-08');
            expect($more->inARow(new Calendar(), $on))->toBeGreaterThanOrEqual($row);
        }
    });
});

describe('a focus session', function (): void {
    it('is rounds with breaks between them', function (): void {
        $parts = array_map(
            static fn($part): array => [$part->from, $part->until, $part->round, $part->isBreak],
            (new FocusRounds(25, 2, 5))->parts(),
        );

        expect($parts)->toBe([[0, 1500, 1, false], [1500, 1800, 1, true], [1800, 3300, 2, false]]);
    });

    it('takes as long as its parts', function (int $minutes, int $rounds, int $break): void {
        $session = new FocusRounds($minutes, $rounds, $break);
        $parts = $session->parts();

        expect(end($parts)->until)->toBe($session->length());
    })->with([[50, 1, 0], [50, 1, 10], [25, 4, 5], [240, 12, 60], [1, 12, 0]]);

    it('knows how much of it was work', function (int $elapsed, int $worked): void {
        expect((new FocusRounds(25, 2, 5))->worked($elapsed))->toBe($worked);
    })->with([[-5, 0], [0, 0], [600, 600], [1500, 1500], [1600, 1500], [1800, 1500], [2000, 1700], [3300, 3000], [3900, 3600]]);

    it('ends now, unless it was forgotten', function (int $elapsed, int $after): void {
        expect((new FocusRounds(50))->endedAfter($elapsed))->toBe($after);
    })->with([[-3, 0], [1200, 1200], [3600, 3600], [6000, 6000], [6001, 3000], [86400 * 30, 3000]]);

    it('refuses absurd lengths', function (int $minutes, int $rounds, int $break): void {
        expect(fn() => new FocusRounds($minutes, $rounds, $break))->toThrow(InvalidArgumentException::class);
    })->with([[0, 1, 0], [241, 1, 0], [25, 0, 5], [25, 13, 5], [25, 2, -1], [25, 2, 61]]);
});

describe('free time', function (): void {
    it('places each where the first gap holds it whole', function (array $busy, array $lengths, array $at): void {
        expect(FreeTime::place($busy, $lengths, 540, 1020))->toBe($at);
    })->with([
        'an empty day' => [[], [60, 30], [540, 600]],
        'around a meeting' => [[[570, 600]], [60, 30], [600, 540]],
        'overlapping meetings' => [[[540, 660], [600, 720], [570, 580]], [30], [720]],
        'before the day begins and after it ends' => [[[400, 560], [1000, 1100]], [30, 500], [560, null]],
        'too long for any gap' => [[[700, 710]], [400], [null]],
        'to the last minute' => [[], [480, 1], [540, null]],
        'nothing to place' => [[[600, 700]], [], []],
    ]);

    it('keeps the hours for work for what needs full focus, as long as there is room elsewhere', function (
        array $lengths,
        array $focus,
        array $at,
    ): void {
        expect(FreeTime::place([[600, 660]], $lengths, 540, 1020, [[540, 600], [660, 780]], $focus))->toBe($at);
    })->with([
        'little things go around them' => [[30], [false], [780]],
        'full focus goes into them' => [[30], [true], [540]],
        'into the first that holds it whole' => [[90, 60], [true, true], [660, 540]],
        'what is longer than they are goes where it fits' => [[130], [true], [660]],
        'little things go into them when there is no other room' => [[240, 60], [false, false], [780, 540]],
    ]);

    it('never lays two things over each other, nor anything over what is busy', function (): void {
        mt_srand(5);

        for ($try = 0; $try < 200; $try++) {
            $busy = array_map(static function (): array {
                $from = mt_rand(480, 1000);

                return [$from, $from + mt_rand(5, 120)];
            }, range(1, mt_rand(1, 5)));
            $lengths = array_map(static fn(): int => mt_rand(5, 200), range(1, 6));
            $taken = $busy;

            foreach (FreeTime::place($busy, $lengths, 540, 1020) as $place => $at) {
                if ($at === null) {
                    continue;
                }

                foreach ($taken as [$from, $until]) {
                    expect($at >= $until || $at + $lengths[$place] <= $from)->toBeTrue();
                }

                $taken[] = [$at, $at + $lengths[$place]];
                expect($at)
                    ->toBeGreaterThanOrEqual(540)
                    ->and($at + $lengths[$place])
                    ->toBeLessThanOrEqual(1020);
            }
        }
    });
});

it('reads the tag of a line from its first word', function (string $line, ?LogTag $tag, string $words): void {
    expect(LogTag::read($line))->toBe([$tag, $words]);
})->with([
    ['Fog until nine', null, 'Fog until nine'],
    ['Finding: one key against a deposit', LogTag::Finding, 'one key against a deposit'],
    ['decision : pay it', LogTag::Decision, 'pay it'],
    [' IDEA:a key in the van', LogTag::Idea, 'a key in the van'],
    ['finding:', null, 'finding:'],
    ['The finding: it drifts', null, 'The finding: it drifts'],
    ['ideas: many', null, 'ideas: many'],
    ['', null, ''],
]);

describe('protected hours', function (): void {
    $kept = [
        new ProtectedHours(Weekday::Monday, '09:00', '11:00', HoursKind::Work),
        new ProtectedHours(Weekday::Monday, '15:00', '16:00', HoursKind::Work),
        new ProtectedHours(Weekday::Tuesday, '13:00', '15:00', HoursKind::Meetings),
        new ProtectedHours(Weekday::Tuesday, '16:00', '17:00', HoursKind::Meetings),
    ];

    it('say what a meeting goes against', function (Weekday $on, string $at, int $minutes, ?string $words) use ($kept): void {
        expect(ProtectedHours::against($kept, $on, $at, $minutes))->toBe($words);
    })->with([
        'across their beginning' => [Weekday::Monday, '08:30', 60, '09:00 to 11:00 are kept for work'],
        'within them' => [Weekday::Monday, '15:15', 15, '15:00 to 16:00 are kept for work'],
        'around them' => [Weekday::Monday, '08:00', 600, '09:00 to 11:00 are kept for work'],
        'up to their beginning' => [Weekday::Monday, '08:00', 60, null],
        'from their end on' => [Weekday::Monday, '11:00', 60, null],
        'on another day' => [Weekday::Wednesday, '09:00', 60, null],
        'in hours for meetings' => [Weekday::Tuesday, '13:00', 120, null],
        'in the others' => [Weekday::Tuesday, '16:30', 30, null],
        'outside of hours for meetings' => [
            Weekday::Tuesday,
            '10:00',
            30,
            'meetings are taken from 13:00 to 15:00 and from 16:00 to 17:00',
        ],
        'over their end' => [Weekday::Tuesday, '14:30', 60, 'meetings are taken from 13:00 to 15:00 and from 16:00 to 17:00'],
        'past midnight' => [Weekday::Monday, '23:30', 120, null],
    ]);

    it('go against nothing where there are none', function (): void {
        expect(ProtectedHours::against([], Weekday::Monday, '09:00', 60))->toBeNull();
    });

    it('end after they begin', function (string $until): void {
        expect(fn() => new ProtectedHours(Weekday::Monday, '09:00', $until, HoursKind::Work))->toThrow(InvalidArgumentException::class);
    })->with(['09:00', '08:59']);
});

it('finds the stretch that somebody who comes back has missed', function (array $present, ?string $caughtUp, ?array $away): void {
    $span = TimeAway::of(array_map(Day::of(...), $present), Day::of('2027-02-24'), $caughtUp === null ? null : Day::of($caughtUp));
    expect($span === null ? null : [(string) $span->first, (string) $span->last])->toBe($away);
})->with([
    'never there' => [[], null, null],
    'there yesterday' => [['2027-02-23'], null, null],
    'a week without a change' => [['2027-02-16'], null, ['2027-02-17', '2027-02-23']],
    'a day less' => [['2027-02-17'], null, null],
    'two weeks, and back today' => [['2027-02-09', '2027-02-24'], null, ['2027-02-10', '2027-02-23']],
    'back for some days' => [['2027-02-03', '2027-02-18', '2027-02-20', '2027-02-24'], null, ['2027-02-04', '2027-02-17']],
    'back for longer' => [['2027-02-03', '2027-02-16', '2027-02-20', '2027-02-24'], null, null],
    'caught up today' => [['2027-02-09', '2027-02-24'], '2027-02-24', null],
    'caught up the time before' => [['2027-02-09', '2027-02-24'], '2027-02-09', ['2027-02-10', '2027-02-23']],
    'a day to come counts for nothing' => [['2027-02-09', '2027-03-01'], null, ['2027-02-10', '2027-02-23']],
]);
