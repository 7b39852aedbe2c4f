<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** Finds the stretch that somebody who comes back has missed. */
final readonly class TimeAway
{
    /** Days without a change of theirs that make one away. */
    public const AWAY = 7;

    /** So many days after coming back it is still asked about. */
    public const ASKED = 7;

    /**
     * @param list<Day> $present the days on which they changed something
     * @param ?Day $caughtUpOn the last day on which they said that they had caught up
     *
     * @return ?Span from the day after they were last there to the day before they came back, or yesterday; null of who was not
     *               away, came back longer ago, has caught up since, or was never there
     */
    public static function of(array $present, Day $today, ?Day $caughtUpOn): ?Span
    {
        $days = array_unique(array_map(static fn(Day $day): int => $day->number, $present));
        rsort($days);
        $until = $today->number - 1;

        foreach ($days as $day) {
            if ($day > $today->number) {
                continue;
            }

            if ($until - $day >= self::AWAY) {
                $isCaughtUp = $caughtUpOn !== null && $caughtUpOn->number > $until;

                return $isCaughtUp ? null : new Span(Day::ofNumber($day + 1), Day::ofNumber($until));
            }

            if ($today->number - $day > self::ASKED) {
                return null;
            }

            $until = $day - 1;
        }

        return null;
    }
}
