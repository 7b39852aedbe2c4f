<?php

declare(strict_types=1);

use App\Exchange\MeetingCalendar;
use App\Exchange\MinutesMarkdown;
use App\Exchange\Pdf;
use App\Models\FinalMinutes;
use App\Queries\Meetings\Answers\MinutesDecision;
use App\Queries\Meetings\Answers\MinutesItem;
use App\Queries\Meetings\Answers\MinutesLine;
use App\Queries\Meetings\Answers\MinutesStep;
use App\Queries\Meetings\Answers\MinutesText;
use League\CommonMark\CommonMarkConverter;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\Outcome;
use Sabre\VObject\Reader;

/** @param list<string> $lines */
function minutesOf(array $lines, ?string $summary = null): MinutesText
{
    return new MinutesText(
        title: 'Quay hour',
        on: '2027-02-08',
        begins: '09:15',
        ends: '09:45',
        planned: 30,
        took: 30,
        chair: 'Noor Aksoy',
        minuteTaker: null,
        present: ['Noor Aksoy'],
        absent: [],
        summary: $summary,
        items: [
            new MinutesItem(
                kind: AgendaKind::Issue,
                title: 'Berth 7',
                context: null,
                at: '09:20',
                planned: 8,
                took: 9,
                who: 'Elif Demir',
                outcome: Outcome::Decided,
                lines: array_map(static fn(string $words): MinutesLine => new MinutesLine('Noor Aksoy', '09:21', $words), $lines),
                decisions: [new MinutesDecision('We move', 'It is deeper')],
                nextSteps: [new MinutesStep(7, 'Tell the office', 'Elif Demir', '2027-02-15', 'Orkney')],
                followUps: [],
            ),
            new MinutesItem(
                kind: AgendaKind::Closing,
                title: 'Closing',
                context: null,
                at: null,
                planned: 2,
                took: null,
                who: null,
                outcome: null,
                lines: [],
                decisions: [],
                nextSteps: [],
                followUps: [],
            ),
        ],
    );
}

/** What a reader of CommonMark shows, without its markup. */
function shown(string $markdown): string
{
    return str_replace(
        "\u{a0}",
        ' ',
        html_entity_decode(strip_tags((new CommonMarkConverter())->convert($markdown)->getContent()), ENT_QUOTES),
    );
}

it('reads minutes as they were written, to the letter', function (): void {
    $minutes = minutesOf(['  Zweitausend "€" \\ / ', '', "Zeile\u{2028}zwei"], "Kurz.\n\nGut.");
    $read = MinutesText::of($minutes->written());

    expect($read)
        ->toEqual($minutes)
        ->and($read->written())
        ->toBe($minutes->written())
        ->and(FinalMinutes::sumOf($read->written()))
        ->toBe(hash('sha256', $minutes->written()));
});

it('reads any minutes as they were written', function (): void {
    mt_srand(11);
    $signs = ['a', 'ß', '€', '"', '\\', "\n", "\t", '🚤', '<', '&', "'", ' ', '{', '}', "\u{200f}", '/'];

    for ($try = 0; $try < 100; $try++) {
        $words = implode('', array_map(static fn(): string => $signs[array_rand($signs)], range(1, mt_rand(1, 60))));
        $minutes = minutesOf([$words], $words);
        expect(MinutesText::of($minutes->written()))->toEqual($minutes);
    }
});

it('means nothing to Markdown, whatever was written', function (string $words): void {
    expect(shown(MinutesMarkdown::of(minutesOf([$words]))))->toContain($words);
})->with([
    '# A heading',
    '- a list',
    '+ another',
    '* and another',
    '1. numbered',
    '2) numbered too',
    '> quoted',
    '*stressed* and **more**',
    '_so_ __too__',
    '`code` and ``more``',
    '~~struck~~',
    '[link](http://example.org) ![picture](x.png)',
    '<script>alert(1)</script>',
    '<b>bold</b> & so on',
    '&amp; stays',
    '--- a rule',
    '=== another',
    '***',
    '| a | table |',
    'C:\\path\\to',
    '    four spaces before',
    'two  spaces  within',
    'a line that ends in a backslash \\',
    'http://example.org/a_b_c',
    '!not a picture',
    '::: fence',
    '~~~',
    '```',
    '#hash #tags',
    'a*b*c 3*4*5',
]);

it('means nothing to Markdown, whatever signs come after each other', function (): void {
    mt_srand(7);
    $signs = ['#', '*', '_', '`', '[', ']', '(', ')', '<', '>', '&', '!', '\\', '-', '+', '=', '|', '~', '.', '1', 'a', ' ', ':', '"'];

    for ($try = 0; $try < 300; $try++) {
        $words = 'x'.implode('', array_map(static fn(): string => $signs[array_rand($signs)], range(1, mt_rand(1, 25)))).'x';
        expect(shown(MinutesMarkdown::of(minutesOf([$words]))))->toContain($words);
    }
});

it('has one heading, and keeps lines and paragraphs apart', function (): void {
    $html = (new CommonMarkConverter())->convert(MinutesMarkdown::of(minutesOf(['one', 'two', '', 'three'])))->getContent();

    expect(substr_count($html, '<h1>'))
        ->toBe(1)
        ->and($html)
        ->toContain("<p>one<br />\ntwo</p>")
        ->toContain('<p>three</p>')
        ->toContain('<li>Tell the office: Elif Demir, by 2027-02-15, for Orkney</li>')
        ->not->toContain('Closing');
});

it('is a PDF of several pages where it is long, with nothing fetched', function (): void {
    $pdf = Pdf::of(
        'Quay hour',
        MinutesMarkdown::of(
            minutesOf(array_map(static fn(int $line): string => "Line $line ![x](http://example.org/x.png)", range(1, 200))),
        ),
    );

    expect($pdf)
        ->toStartWith('%PDF-1.')
        ->and(preg_match_all('/\/Type \/Page\b/', $pdf))
        ->toBeGreaterThan(2)
        ->and(file_exists('/usr/bin/pdftotext'))
        ->toBeBool();

    if (file_exists('/usr/bin/pdftotext')) {
        $file = tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents((string) $file, $pdf);
        expect(shell_exec("pdftotext -layout $file -"))->toContain('Line 200')->toContain('Quay hour');
        unlink((string) $file);
    }
});

it('gives a meeting its time across a change of clocks', function (string $on, string $time, string $utc): void {
    $text = MeetingCalendar::of(
        uid: 'series-1',
        title: 'Quay hour, “all”; of it',
        purpose: null,
        on: Day::of($on),
        time: $time,
        minutes: 90,
        timezone: 'Europe/Copenhagen',
        written: new DateTimeImmutable('2027-01-01'),
    );
    $calendar = Reader::read($text);
    expect($calendar->validate())
        ->toBe([])
        ->and((string) $calendar->VEVENT->DTSTART)
        ->toBe($utc)
        ->and((string) $calendar->VEVENT->SUMMARY)
        ->toBe('Quay hour, “all”; of it')
        ->and($calendar->VEVENT->DTEND->getDateTime()->getTimestamp() - $calendar->VEVENT->DTSTART->getDateTime()->getTimestamp())
        ->toBe(90 * 60);
})->with([
    'winter' => ['2027-01-11', '08:40', '20270111T074000Z'],
    'the day before the clocks go forward' => ['2027-03-27', '08:40', '20270327T074000Z'],
    'the day they do' => ['2027-03-28', '08:40', '20270328T064000Z'],
    'the day they go back' => ['2027-10-31', '08:40', '20271031T074000Z'],
    'over midnight' => ['2027-01-11', '23:30', '20270111T223000Z'],
]);
