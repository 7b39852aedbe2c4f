<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

use Loftrin\Core\Calendar\Day;

/** A time without a day of its own is the next such time: later today, or tomorrow. */
final readonly class NextTime
{
    /** What says by itself when a line is for. */
    private const DATED = [
        PieceKind::Planned,
        PieceKind::Due,
        PieceKind::Rhythm,
        PieceKind::ReturnOn,
        PieceKind::FollowUp,
        PieceKind::Done,
    ];

    /**
     * @param list<Piece> $pieces of a line
     * @param ?string $now HH:MM, when it was written; null where that is not known
     *
     * @return list<Piece> with the day in the value of its time: "2027-02-10 09:00"
     */
    public static function of(array $pieces, Day $today, ?string $now): array
    {
        $isDated = array_filter($pieces, static fn(Piece $piece): bool => in_array($piece->kind, self::DATED, true)) !== [];

        return $isDated || $now === null
            ? $pieces
            : array_map(
                static fn(Piece $piece): Piece => $piece->kind === PieceKind::Time
                    ? new Piece($piece->kind, $piece->words, self::next($piece->value, $today, $now))
                    : $piece,
                $pieces,
            );
    }

    private static function next(string $time, Day $today, string $now): string
    {
        return (substr($time, 0, 5) > $now ? $today : $today->plus(1))." $time";
    }
}
