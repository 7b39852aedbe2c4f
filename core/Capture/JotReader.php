<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\RhythmReader;

/**
 * Reads a line of plain English: "ring the harbour office by Friday, 30 min, for Rollout, to Elif". What is understood is taken
 * out of the title with the words it came from; what is not stays in it, to the last letter. Each kind is read once, in the
 * order below, and what was read is not read again.
 */
final readonly class JotReader
{
    /** How many words a name or a rhythm can have. */
    private const MOST_WORDS = 8;

    private RhythmReader $rhythms;

    /** @param bool $monthFirst whether whoever writes means 4 March by 3/4 */
    public function __construct(private Calendar $calendar, private Names $names, private bool $monthFirst = false)
    {
        $this->rhythms = new RhythmReader($calendar->yearStartsIn);
    }

    /**
     * @param Day $today as of which dates are meant: the day on which it was written
     * @param list<string> $refused keys of pieces that are not meant ({@see Piece::key()})
     * @param ?string $now HH:MM of that day, when it was written: a time without a day is the next such time
     */
    public function read(string $text, Day $today, array $refused = [], ?string $now = null): Understood
    {
        $dates = new DateWords($this->calendar, $today, $this->monthFirst);
        $line = new Line(trim($text), $refused);
        $line->take('^done:\s*', static fn(array $found): Piece => new Piece(PieceKind::Done, $found[0]));
        $this->rhythm($line);
        $this->meeting($line, $dates);
        (new TimePieces($line))->read();
        (new DatePieces($line, $dates))->read();
        $this->signs($line);
        $this->waiting($line);
        $this->owners($line);
        $this->purpose($line);
        $title = $line->title();

        if ($title !== '') {
            return new Understood($title, NextTime::of($line->pieces(), $today, $now));
        }

        foreach ($line->pieces() as $piece) {
            // "waiting for Sam, follow up on Monday" is all that there is to say.
            if ($piece->kind === PieceKind::WaitingFor && $piece->names !== []) {
                return new Understood(trim($piece->words), $line->pieces());
            }
        }

        return new Understood($line->text, []);
    }

    /** "every second Thursday", "monthly", "three weeks after it is done": as many words as say a rhythm. */
    private function rhythm(Line $line): void
    {
        $word = '[^\s,;.]+';
        $more = '(?:,? '.$word.'){0,'.self::MOST_WORDS.'}';
        $end = Line::END;
        $often = '(?:dai|week|fortnight|bi-?week|month|quarter|half-?year|year|annual)ly';
        $day = '(?:mon|tues|wednes|thurs|fri|satur|sun)days';
        $patterns = [
            "\b(?:every|each) $word$more",
            "(?:\d+|a|one|two|three|four|five|six) (?:day|week|month|year)s? after $word$more",
            "\b$often on $word$more",
            "\b(?:once|twice|three times) (?:a|each|every|per) $word$more",
            "\b(?:on )?$day(?:(?:, ?| and |, and )$day)*$end",
        ];

        $line->take(
            Line::BEGIN.
                '((?:on )?the (?:first|second|third|fourth|last) (?:working day|'.
                $word.
                ') of (?:the|every|each) '.
                "(?:month|quarter|year))$end",
            fn(array $found): ?Piece => $this->longestRhythm(trim($found[0])),
        );
        // In the middle of a sentence only where it says that it comes again: "of the month" can be once.
        $place = '(?:first|second|third|fourth|last|'.WrittenDate::ORDINAL.')';
        $line->take(
            "(?:\bdue )?(\b(?:on )?(?:the )?$place(?: working day| $word)? of (?:every|each) (?:month|quarter|year)(?![\w-]))",
            function (array $found): ?Piece {
                $rhythm = $this->longestRhythm($found[1]);

                return $rhythm?->words === $found[1] ? new Piece(PieceKind::Rhythm, $found[0], $rhythm->value) : null;
            },
        );

        foreach ($patterns as $pattern) {
            $line->take($pattern, fn(array $found): ?Piece => $this->longestRhythm($found[0]));
        }

        $line->take("(?<!\bthe )(?<!\ba )(?<!\bour )(?<!\bthis )\b$often$end", fn(array $found): ?Piece => $this->longestRhythm($found[0]));
        $line->take("^$often:\s+", function (array $found): ?Piece {
            $rhythm = $this->longestRhythm(rtrim($found[0], ": \t"));

            return $rhythm === null ? null : new Piece(PieceKind::Rhythm, $found[0], $rhythm->value);
        });
    }

    private function longestRhythm(string $words): ?Piece
    {
        for ($said = $words; $said !== ''; $said = (string) preg_replace('/,?\s*\S+$/u', '', $said)) {
            try {
                return $this->rhythms->read($said)->isWhenNeeded() ? null : new Piece(PieceKind::Rhythm, $said, $said);
            } catch (InvalidArgumentException) {
                // Fewer words may say one.
            }
        }

        return null;
    }

    /** Rank, focus, what is for some other day, and what is nobody else's to see. */
    private function signs(Line $line): void
    {
        [$begin, $end] = [Line::BEGIN, Line::END];
        $rank = static fn(array $found): Piece => new Piece(PieceKind::Rank, $found[0], strtoupper($found[1]));
        $line->take('\b(?:rank|priority) ([abc])\b', $rank);
        $line->take("$begin(?-i:([ABC]))$end", $rank);
        $line->take(
            '\b(?:needs? )?(full|normal|little|low) focus(?: needed)?\b',
            static fn(array $found): Piece => new Piece(PieceKind::Focus, $found[0], strtr(mb_strtolower($found[1]), ['low' => 'little'])),
        );
        $line->take(
            "\b(?:someday|some day|sometime|one day)$end",
            static fn(array $found): Piece => new Piece(PieceKind::Shelf, $found[0]),
        );
        $line->take("$begin(?:private|only me)$end", static fn(array $found): Piece => new Piece(PieceKind::Private, $found[0]));
        $line->take('^(?:private|only me):\s+', static fn(array $found): Piece => new Piece(PieceKind::Private, $found[0]));
        $line->take('^(?:someday|some day)[,:]?\s+', static fn(array $found): Piece => new Piece(PieceKind::Shelf, $found[0]));
    }

    /** "waiting for Elif", "waiting for the harbour office". */
    private function waiting(Line $line): void
    {
        $line->take('^waiting (?:for|on) ([^,;:\x{FFFC}]+?):\s+', function (array $found): ?Piece {
            $people = $this->names->meaning($found[1], NameKind::Person, NameKind::Contact);

            return $people === [] ? null : new Piece(PieceKind::WaitingFor, $found[0], trim($found[1]), $people);
        });
        $line->take('\bwaiting (?:for|on) ([^,;\x{FFFC}]+?)'.Line::END, function (array $found): Piece {
            $people = $this->names->meaning($found[1], NameKind::Person, NameKind::Contact);

            return new Piece(PieceKind::WaitingFor, $found[0], trim($found[1]), $people);
        });
    }

    /** "to Elif: …" and ", to Elif" hand it over, ", with Elif" asks for help; "write to Elif" stays what it is. */
    private function owners(Line $line): void
    {
        $line->take('^to ([^,;:\x{FFFC}]+?):\s+', function (array $found): ?Piece {
            $people = $this->names->meaning($found[1], NameKind::Person);

            return $people === [] ? null : new Piece(PieceKind::Owner, $found[0], '', $people);
        });

        foreach (['to' => PieceKind::Owner, 'with' => PieceKind::With] as $word => $kind) {
            $line->take('(?<=[,;\x{FFFC}]|[,;\x{FFFC}]\s)'.$word.' ([^,;\x{FFFC}]+?)'.Line::END, function (array $found) use (
                $kind,
            ): ?Piece {
                $people = $this->names->meaning($found[1], NameKind::Person);

                return $people === [] ? null : new Piece($kind, $found[0], '', $people);
            });
        }
    }

    /** "for Wednesday's Quay hour": an issue of that meeting, on that day. */
    private function meeting(Line $line, DateWords $dates): void
    {
        $day = '((?:next |this )?(?:'.WrittenDate::WEEKDAYS.')|today|tomorrow)[’\']s';

        foreach (["^for $day ([^,;:\x{FFFC}]+?):\s+", "\bfor $day ([^,;\x{FFFC}]+?)".Line::END] as $pattern) {
            $line->take($pattern, function (array $found) use ($dates): ?Piece {
                $on = $dates->read($found[1]);
                $meant = $this->names->meaning($found[2], NameKind::Series);

                return $meant === [] || ! $on instanceof Day ? null : new Piece(PieceKind::Meeting, $found[0], (string) $on, $meant);
            });
        }
    }

    /** "for Rollout": only where a project or a goal is called that. */
    private function purpose(Line $line): void
    {
        foreach (['^for ([^,;:\x{FFFC}]+?):\s+', '\bfor ([^,;\x{FFFC}]+?)'.Line::END] as $pattern) {
            $line->take($pattern, function (array $found): ?Piece {
                $meant = $this->names->meaning($found[1], NameKind::Project, NameKind::Goal);

                return $meant === [] || count(explode(' ', $found[1])) > self::MOST_WORDS
                    ? null
                    : new Piece(PieceKind::For, $found[0], '', $meant);
            });
        }
    }
}
