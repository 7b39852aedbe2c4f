<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/**
 * Says whether words are part of a phrase that is only half understood: "not before Monday", "no meeting on Friday", "from Tuesday",
 * "2-3". Nothing is read out of these: wrong is worse than not at all.
 */
final readonly class Hedges
{
    private const DATED = [
        PieceKind::Due,
        PieceKind::Planned,
        PieceKind::Time,
        PieceKind::Rhythm,
        PieceKind::ReturnOn,
        PieceKind::FollowUp,
    ];

    /** Where a thought ends, but not in "14:30" or "9.2.". */
    private const STOP = '[,;!?]|:(?=\s)|\.(?=\s|$)|—|\s–\s';

    private const NEGATION = '/\b(?:not|no|never|cannot)\b(?![-.])|n[\'’]t\b/iu';

    /** @param string $before what stands before the words in their line, without what was understood already; $after likewise */
    public static function hold(PieceKind $kind, string $before, string $words, string $after): bool
    {
        [$before, $after] = [self::lastClause($before), self::firstClause($after)];

        return match (true) {
            $kind === PieceKind::Done => false,
            preg_match(self::NEGATION, "$before $after") === 1 => true,
            default => in_array($kind, self::DATED, true) && self::isLimited($before, $words, $after),
        };
    }

    private static function isLimited(string $before, string $words, string $after): bool
    {
        $small = '(?:\s+(?:the|an?|on|at|about|around|early|late|next|this))*\s*$/iu';

        return match (true) {
            preg_match('/\b(?:since|until|till|unless|except)\b/iu', $before) === 1 => true,
            preg_match('/\b(?:from|after|before)'.$small, $before) === 1 => true,
            // "before the fair Friday": with a word of its own, as in "on Friday", it says when.
            preg_match('/^(?:on|at|by|due|in|for|every|each|within|deadline|no|not)\b/iu', $words) !== 1
                && preg_match('/\b(?:after|before)(?:\s+[\w’\'-]+){1,3}\s*$/iu', $before) === 1
                => true,
            preg_match('/^\s*(?:from|since|until|till|except|unless|after|before)\b/iu', $after) === 1 => true,
            // The half of a range.
            preg_match('/(?:\d\s?(?:[ap]m\s?)?[-–]|\b(?:to|through|until)|\bbetween \S+ and)\s*$/iu', $before) === 1 => true,
            default => preg_match('/^\s?(?:[-–]|to\b|through\b)\s*(?:\d|'.WrittenDate::WEEKDAYS.')/iu', $after) === 1,
        };
    }

    private static function lastClause(string $text): string
    {
        return (string) preg_replace('/^.*(?:'.self::STOP.')/su', '', $text);
    }

    /** With a clause after it that takes something back: "every Monday, except in August". */
    private static function firstClause(string $text): string
    {
        $first = preg_match('/^\s*[,;]?\s*(?:except|unless)\b/iu', $text) === 1 ? ltrim($text, ' ,;') : $text;

        return (string) preg_replace('/(?:'.self::STOP.').*$/su', '', $first);
    }
}
