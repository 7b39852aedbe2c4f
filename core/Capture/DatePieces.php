<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

/** Reads from a line when something must be done, when one means to do it, and when it is to come back. */
final readonly class DatePieces
{
    public function __construct(private Line $line, private DateWords $dates)
    {
    }

    public function read(): void
    {
        $any = '(?:'.DateWords::any().')(?![\w’\'-])';
        $clear = '(?:'.DateWords::clear().')(?![\w’\'-])';
        $month = DateWords::month().'(?![\w’\'-])(?! \d)';
        $end = Line::END;

        $this->take(
            "\b(?:remind me|back)(?: on| in)? ((?:in )?$any)",
            fn(string $words, Day $day): Piece => new Piece(PieceKind::ReturnOn, $words, (string) $day),
        );

        if (preg_match('/\bwaiting (?:for|on)\b/i', $this->line->text) === 1) {
            $this->take(
                "\bfollow up(?: on)? ($any)",
                fn(string $words, Day $day): Piece => new Piece(PieceKind::FollowUp, $words, (string) $day),
            );
        }

        $due = fn(string $words, Day $day): Piece => new Piece(PieceKind::Due, $words, (string) $day);
        // A day ends with its work.
        $close = '(?:eod|cob|close of business|end of (?:the )?day|eow|eom)';
        $this->take(
            "\b(?:due (?:on |by |in )?|by |deadline |no later than |not later than )(?:$close (?:on )?)?($any|$month|$close\b)",
            $due,
        );
        $this->take("\beod (?:on )?($any)", $due);
        $this->take("\b(eod|eow|eom)$end", $due);
        $this->take('\bwithin ((?:'.DateWords::COUNT.') (?:'.DateWords::UNITS.')s?)\b', $due);
        $this->take("\bbefore ($any|$month)", fn(string $words, Day $day): Piece => $due($words, $day->plus(-1)), isStart: true);
        $this->planned("\bon ($any)");
        $this->planned("\bfor ($any)$end");
        $this->planned("\bin ($month)$end");
        $this->planned("\b($clear)");
        $this->planned(Line::BEGIN."($any)$end");
        // "3/4 14:30": beside a time it is no fraction.
        $this->planned('(?<![\d\/])(\d{1,2}\/\d{1,2})(?=\s*\x{FFFC})');
        // "call Elif Friday": at the end of a clause a weekday can only be a time.
        $this->planned('(?<=\w )((?:'.WrittenDate::WEEKDAYS.')day|'.WrittenDate::WEEKDAYS.")$end");
    }

    /** @param callable(string, Day): Piece $piece of the words and the day */
    private function take(string $pattern, callable $piece, bool $isStart = false): void
    {
        $this->line->take($pattern, function (array $found) use ($piece, $isStart): ?Piece {
            $said = $this->dates->read($found[1]);

            return match (true) {
                $said === null => null,
                $said instanceof Day => $piece($found[0], $said),
                default => $piece($found[0], $isStart ? $said->span->first : $this->end($said)),
            };
        });
    }

    /** A week ends for people with its last working day. */
    private function end(Period $period): Day
    {
        return $period->horizon === Horizon::Week ? $this->dates->lastWorkingDay($period->span->last) : $period->span->last;
    }

    private function planned(string $pattern): void
    {
        $this->line->take($pattern, function (array $found): ?Piece {
            $said = $this->dates->read($found[1]);

            return $said === null ? null : new Piece(PieceKind::Planned, $found[0], $said instanceof Period ? $said->name : (string) $said);
        });
    }
}
