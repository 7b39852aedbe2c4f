<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Capture\JotReader;
use Loftrin\Core\Capture\Name;
use Loftrin\Core\Capture\NameKind;
use Loftrin\Core\Capture\Names;
use Loftrin\Core\Capture\Piece;
use Loftrin\Core\Capture\PieceKind;
use Loftrin\Core\Capture\Understood;

const WRITTEN_ON = '2026-11-25';

function jotReader(Calendar $calendar = new Calendar(), bool $monthFirst = false): JotReader
{
    return new JotReader(
        $calendar,
        new Names([
            new Name(NameKind::Person, '1', 'Noor Aksoy'),
            new Name(NameKind::Person, '2', 'Elif Demir'),
            new Name(NameKind::Person, '3', 'Priya Raman'),
            new Name(NameKind::Person, '4', 'Mei Tanaka'),
            new Name(NameKind::Person, '5', 'Mei Larsen'),
            new Name(NameKind::Contact, '6', 'Kirkwall harbour office'),
            new Name(NameKind::Project, '7', 'Moorings Orkney'),
            new Name(NameKind::Project, '8', 'Moorings Faroe'),
            new Name(NameKind::Project, '9', 'Rollout of firmware 2.4'),
            new Name(NameKind::Goal, '10', '28 harbours fitted'),
            new Name(NameKind::Series, '11', 'Quay hour'),
            new Name(NameKind::Series, '12', 'Noor and Elif'),
        ]),
        $monthFirst,
    );
}

/** @return string "title | kind value; kind value" */
function understood(Understood $line): string
{
    $pieces = array_map(
        static fn(Piece $piece): string => trim(
            "{$piece->kind->value} ".
                ($piece->value !== ''
                    ? $piece->value
                    : implode('/', array_map(static fn(Name $name): string => $name->words, $piece->names))),
        ),
        $line->pieces,
    );

    return $line->title.($pieces === [] ? '' : ' | '.implode('; ', $pieces));
}

/** @return array<string, array{string, string}> */
function jottedLines(): array
{
    $lines = [];

    foreach (file(__DIR__.'/jots.txt', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if ($line !== '' && ! str_starts_with($line, '#')) {
            [$jotted, $meant] = explode(' => ', $line);
            $lines[$jotted] = [$jotted, $meant];
        }
    }

    return $lines;
}

it('understands', function (string $jotted, string $meant): void {
    expect(understood(jotReader()->read($jotted, Day::of(WRITTEN_ON))))->toBe($meant);
})->with(jottedLines());

it('takes a time without a day for the next such time, and says its day', function (string $jotted, string $now, string $meant): void {
    expect(understood(jotReader()->read($jotted, Day::of(WRITTEN_ON), [], $now)))->toBe($meant);
})->with([
    'later today' => ['call the diver at 14:30', '09:00', 'call the diver | time 2026-11-25 14:30'],
    'past by now' => ['call the diver at 14:30', '14:30', 'call the diver | time 2026-11-26 14:30'],
    'with its length' => ['call the diver 2-3.30pm', '16:00', 'call the diver | time 2026-11-26 14:00+90'],
    'the year ends' => ['call the diver at 9', '23:59', 'call the diver | time 2026-11-26 09:00'],
    'a day of its own' => ['call the diver on Friday at 9', '10:00', 'call the diver | planned 2026-11-27; time 09:00'],
    'a due day' => ['call the diver by Friday 9:00', '10:00', 'call the diver | due 2026-11-27; time 09:00'],
    'a rhythm' => ['call the diver every Tuesday at 9', '10:00', 'call the diver | rhythm every Tuesday; time 09:00'],
]);

it('reads 3/4 as its writer means it, and a date with dots by the day first', function (string $jotted, string $meant): void {
    expect(understood(jotReader(monthFirst: true)->read($jotted, Day::of(WRITTEN_ON))))->toBe($meant);
})->with([
    ['pay by 3/4', 'pay | due 2027-03-04'],
    ['pay by 3/4/28', 'pay | due 2028-03-04'],
    ['pay by 3.4.', 'pay | due 2027-04-03'],
    ['pay by 30/11', 'pay by 30/11'],
]);

it('is tried with more than two hundred lines', function (): void {
    expect(count(jottedLines()))->toBeGreaterThan(200);
});

it('reads dates as of the day on which it was written', function (string $on, string $jotted, string $meant): void {
    expect(understood(jotReader()->read($jotted, Day::of($on))))->toBe($meant);
})->with([
    'the year ends' => ['2026-12-31', 'pay tomorrow', 'pay | planned 2027-01-01'],
    'the next day of a number in another year' => ['2026-12-31', 'pay on the 1st', 'pay | planned 2027-01-01'],
    'next week in another year' => ['2026-12-30', 'pay next week', 'pay | planned 2027-W01'],
    'a week of the old year' => ['2027-01-01', 'pay this week', 'pay | planned 2026-W53'],
    'the next leap day' => ['2026-11-25', 'pay on 29 Feb', 'pay | planned 2028-02-29'],
    'a leap day before a year without one' => ['2097-03-01', 'pay on 29 Feb', 'pay | planned 2104-02-29'],
    'a month after the 31st' => ['2027-01-31', 'pay in a month', 'pay | planned 2027-02-28'],
    'a year after a leap day' => ['2028-02-29', 'pay in a year', 'pay | planned 2029-02-28'],
    'end of February in a leap year' => ['2028-02-10', 'pay by end of month', 'pay | due 2028-02-29'],
    'the day the clocks go forward' => ['2027-03-27', 'call tomorrow at 02:30', 'call | planned 2027-03-28; time 02:30'],
    'the day the clocks go back' => ['2027-10-30', 'call tomorrow at 02:30', 'call | planned 2027-10-31; time 02:30'],
    'the weekday that is today' => ['2026-11-27', 'pay on Friday', 'pay | planned 2026-11-27'],
    'that weekday next week' => ['2026-11-27', 'pay next Friday', 'pay | planned 2026-12-04'],
    'on a Sunday, next Monday is tomorrow' => ['2026-11-29', 'pay next Monday', 'pay | planned 2026-11-30'],
    'a quarter that ends today' => ['2026-12-31', 'pay by end of quarter', 'pay | due 2026-12-31'],
    'a month that has gone by' => ['2026-11-25', 'survey in October', 'survey | planned 2027-10'],
]);

it('knows when weeks and years begin', function (): void {
    $sundays = new Calendar(Weekday::Sunday, 7);
    $read = static fn(string $jotted, string $on): string => understood(jotReader($sundays)->read($jotted, Day::of($on)));

    // A Saturday is the last day of such a week, a Sunday the first.
    expect($read('pay next Monday', '2026-11-28'))
        ->toBe('pay | planned 2026-11-30')
        ->and($read('pay next Monday', '2026-11-29'))
        ->toBe('pay | planned 2026-12-07')
        ->and($read('pay this quarter', '2026-11-25'))
        ->toBe('pay | planned 2027-Q2')
        ->and($read('pay by end of the year', '2026-11-25'))
        ->toBe('pay | due 2027-06-30');
});

it('takes the last working day for the end of a week, and counts only such', function (): void {
    $calendar = new Calendar(holidays: [Day::of('2026-11-27'), Day::of('2026-11-26')]);
    $read = static fn(string $jotted): string => understood(jotReader($calendar)->read($jotted, Day::of(WRITTEN_ON)));

    expect($read('pay by end of week'))
        ->toBe('pay | due 2026-11-25')
        ->and($read('pay in 2 working days'))
        ->toBe('pay | planned 2026-12-01');
});

it('leaves in the title what was refused, and reads the rest', function (): void {
    $jotted = 'ring the office by Friday, 30 min, for Moorings Orkney';

    foreach (jotReader()->read($jotted, Day::of(WRITTEN_ON))->pieces as $piece) {
        $without = jotReader()->read($jotted, Day::of(WRITTEN_ON), [$piece->key()]);

        expect($without->piece($piece->kind))
            ->toBeNull()
            ->and($without->pieces)
            ->toHaveCount(2)
            ->and($without->title)
            ->toContain(trim($piece->words));
    }
});

it('asks where a name can mean several', function (): void {
    $meant = jotReader()->read('paint the float for moorings', Day::of(WRITTEN_ON))->piece(PieceKind::For);

    expect($meant?->isAmbiguous())
        ->toBeTrue()
        ->and(array_map(static fn(Name $name): string => $name->words, $meant->names ?? []))
        ->toBe(['Moorings Orkney', 'Moorings Faroe']);
});

it('reads absurd lines like any other', function (string $jotted, string $due): void {
    $read = jotReader()->read($jotted, Day::of(WRITTEN_ON));

    expect($read->piece(PieceKind::Due)->value ?? '')
        ->toBe($due)
        ->and($read->title)
        ->not->toBe('');
})->with([
    'spaces' => ['a'.str_repeat(' ', 1900).'b by Friday', '2026-11-27'],
    'commas' => ['a by Friday'.str_repeat(' ,', 900).'x', '2026-11-27'],
    'the same over and over' => [str_repeat('for moorings by 30 Feb ', 80), ''],
    'beginnings of rhythms' => [str_repeat('every ', 300).'by Friday', '2026-11-27'],
    'times without end' => [str_repeat('1:2', 600).' by Friday', '2026-11-27'],
    'quotation marks' => [str_repeat('"', 1901).' by Friday', '2026-11-27'],
    'brackets' => [str_repeat('( ', 900).'by Friday', '2026-11-27'],
    'dates' => [str_repeat('by Friday ', 200), '2026-11-27'],
    'control signs' => ["a\x00b\x07 by Friday", '2026-11-27'],
    'the sign that stands for what was read' => ["a \u{FFFC} b by Friday", '2026-11-27'],
]);

it('loses no letter of any line', function (int $seed): void {
    mt_srand($seed);
    $words = [
        'ring',
        'the',
        'pier',
        'by',
        'on',
        'at',
        'for',
        'to',
        'Friday',
        'next',
        'week',
        '9',
        'Feb',
        '14:30',
        '30',
        'min',
        ',',
        ',',
        'every',
        'Orkney',
        'Elif',
        'A',
        'waiting',
        'full',
        'focus',
        'done:',
        '(',
        ')',
        '“',
        '”',
        'é',
        '🚢',
        '-',
        '2.4',
        'in',
        'two',
        'months',
        '~',
        ';',
        ':',
    ];
    $letters = static fn(string $text): array => mb_str_split((string) preg_replace('/[^\p{L}\p{N}]/u', '', $text));

    for ($line = 0; $line < 200; $line++) {
        $jotted = implode(
            mt_rand(0, 5) === 0 ? '' : ' ',
            array_map(static fn(): string => $words[mt_rand(0, count($words) - 1)], range(0, mt_rand(0, 14))),
        );
        $read = jotReader()->read($jotted, Day::of(WRITTEN_ON));
        $kept = [
            ...$letters($read->title),
            ...array_merge(...array_map(static fn(Piece $piece): array => $letters($piece->words), $read->pieces)),
        ];
        $all = $letters($jotted);
        sort($kept);
        sort($all);

        expect($kept)
            ->toBe($all, $jotted)
            ->and($read->title !== '' || trim($jotted) === '')
            ->toBeTrue($jotted);
    }
})->with([1, 2, 3, 4, 5]);
