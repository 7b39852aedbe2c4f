<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/** Reads from a line at what time of day something is done, and how long it takes. */
final readonly class TimePieces
{
    private const HOURS = ['half an' => 30, 'an' => 60, 'one' => 60, 'two' => 120, 'three' => 180, 'four' => 240];

    /** The most that an estimate can be, in minutes. */
    private const MOST = 100_000;

    public function __construct(private Line $line)
    {
    }

    public function read(): void
    {
        $end = Line::END;
        $this->line->take(
            '\b(?:at |from )?([01]?\d|2[0-3])[:.]([0-5]\d) ?(?:to|until|-|–) ?([01]?\d|2[0-3])[:.]([0-5]\d)\b',
            fn(array $found): ?Piece => $this->span($found),
        );
        $this->line->take(
            '(?<![\d:.,–-])\b(?:at |from )?(1[0-2]|0?[1-9])(?:[:.]([0-5]\d))? ?(?:([ap])\.?m\.?)? ?(?:to|until|-|–) ?'.
                '(1[0-2]|0?[1-9])(?:[:.]([0-5]\d))? ?([ap])\.?m\b\.?',
            fn(array $found): ?Piece => $this->halfDaySpan($found),
        );
        $this->line->take(
            '\b(?:at|by|before|around|about|from) ([01]?\d|2[0-3])[:.h]([0-5]\d)\b(?! ?[ap]m)(?!\.)',
            static fn(array $found): Piece => self::time($found[0], self::hour($found[1]), (int) $found[2]),
        );
        $this->line->take(
            '\b(?:(?:at|by|before|around|about|from) )?(1[0-2]|0?[1-9])(?:[:.]([0-5]\d))? ?([ap])\.?m\b\.?',
            static fn(array $found): Piece => self::time(
                $found[0],
                ((int) $found[1] % 12) + (strtolower($found[3]) === 'p' ? 12 : 0),
                (int) $found[2],
            ),
        );
        $this->line->take(
            '\b(?:at|by|before|around|about|from) (noon|midday)\b',
            static fn(array $found): Piece => self::time($found[0], 12, 0),
        );
        $this->line->take(
            "\bat ([01]?\d|2[0-3])(?: o’clock| o'clock)?$end",
            static fn(array $found): Piece => self::time($found[0], self::hour($found[1]), 0),
        );
        $this->line->take(
            '(?<![\d:.,])(?<!\d to )(?<!\d-)([01]?\d|2[0-3]):([0-5]\d)(?![\d:]| ?(?:to|until|-|–) ?\d)',
            static fn(array $found): Piece => self::time($found[0], self::hour($found[1]), (int) $found[2]),
        );
        $this->minutes();
    }

    private function minutes(): void
    {
        // "in 30 min" is a time, and "a 30 min walk" a kind of walk.
        $before = '(?<!\bin )(?<!\bwithin )(?<!\bevery )(?<!\bafter )(?<!\ba )(?<!\bthe )(?<![\d.,:-])';
        $take = function (string $pattern, callable $minutes) use ($before): void {
            $read = static function (array $found) use ($minutes): ?Piece {
                $number = (int) round($minutes($found));

                return $number < 1 || $number > self::MOST ? null : new Piece(PieceKind::Minutes, $found[0], (string) $number);
            };
            // Before a noun it says what kind of thing it is ("24 h battery"), but for the beginning of a clause.
            $this->line->take(Line::BEGIN.$pattern, $read);
            $this->line->take(
                "$before(?:for )?$pattern".'(?:'.Line::END.'|(?=\s(?:for|to|with|on|by|at|before|in|each|every)\b))',
                $read,
            );
        };
        $take(
            '(\d{1,3}) ?(?:h|hrs?|hours?) ?(?:and )?([0-5]?\d) ?(?:min(?:ute)?s?|m)?\b',
            static fn(array $found): int => (int) $found[1] * 60 + (int) $found[2],
        );
        $take('(\d{1,3}(?:[.,]\d{1,2})?) ?(?:h|hrs?|hours?)\b', static fn(array $found): float => (float) strtr($found[1], ',', '.') * 60);
        $take('(\d{1,5}) ?min(?:ute)?s?\b', static fn(array $found): int => (int) $found[1]);
        // Nobody means anything else by these, wherever they stand.
        $this->line->take(
            "$before(?<!\bof )(\d{1,3}(?:[.,]\d{1,2})?) ?(hrs|mins)\b(?! of\b)",
            static fn(array $found): Piece => new Piece(
                PieceKind::Minutes,
                $found[0],
                (string) max(1, (int) round((float) strtr($found[1], ',', '.') * ($found[2] === 'hrs' ? 60 : 1))),
            ),
        );
        // A clause of its own; anywhere else "45m" may be metres.
        $this->line->take(
            Line::BEGIN.'(\d{1,3})m'.Line::END,
            static fn(array $found): ?Piece => (int) $found[1] === 0
                ? null
                : new Piece(PieceKind::Minutes, $found[0], (string) (int) $found[1]),
        );
        $take(
            '(half an|an|one|two|three|four) hours?(?: and a half)?'.Line::END,
            static fn(array $found): int => self::HOURS[mb_strtolower($found[1])] +
                (str_contains(mb_strtolower($found[0]), 'and a half') ? 30 : 0),
        );
    }

    /**
     * "14:30–15:15" says when and how long.
     *
     * @param list<string> $found
     */
    private function span(array $found): ?Piece
    {
        [$from, $until] = [self::hour($found[1]), self::hour($found[3])];
        $minutes = ($until - $from) * 60 + (int) $found[4] - (int) $found[2];

        return $minutes <= 0 ? null : new Piece(PieceKind::Time, $found[0], sprintf('%02d:%02d+%d', $from, $found[2], $minutes));
    }

    /**
     * "2-3.30pm": the first hour lies in the same half of the day, unless it would be later then ("11-1pm").
     *
     * @param list<string> $found
     */
    private function halfDaySpan(array $found): ?Piece
    {
        $minutes = static fn(string $hour, string $minute, string $half): int
            => (((int) $hour % 12) + (strtolower($half) === 'p' ? 12 : 0)) * 60 + (int) $minute;
        $until = $minutes($found[4], $found[5], $found[6]);
        $from = $minutes($found[1], $found[2], $found[3] === '' ? $found[6] : $found[3]);
        $from -= $found[3] === '' && $from >= $until ? 720 : 0;

        return $from < 0 || $from >= $until
            ? null
            : new Piece(PieceKind::Time, $found[0], sprintf('%02d:%02d+%d', intdiv($from, 60), $from % 60, $until - $from));
    }

    /** Of the working day: 1 to 6 is the afternoon, unless it is written as 01 to 06. */
    private static function hour(string $written): int
    {
        $hour = (int) $written;

        return strlen($written) === 1 && $hour >= 1 && $hour <= 6 ? $hour + 12 : $hour;
    }

    private static function time(string $words, int $hour, int $minute): Piece
    {
        return new Piece(PieceKind::Time, $words, sprintf('%02d:%02d', $hour, $minute));
    }
}
