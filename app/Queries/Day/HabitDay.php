<?php

declare(strict_types=1);

namespace App\Queries\Day;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\HabitPeriod;
use Loftrin\Core\Day\HabitState;

/** What a habit came to on a day. */
enum HabitDay: string
{
    case Done = 'done';

    /** It was not done, and nothing is missed by that: it was not asked for, rested, or its period has room or was met otherwise. */
    case Runs = 'runs';

    case Missed = 'missed';

    /** Before it began, or after it ended. */
    case Without = 'without';

    /**
     * @param int $count how often it was done on the day
     * @param ?HabitPeriod $period that holds the day, if it is asked for then
     */
    public static function of(Day $day, Day $began, ?Day $ended, int $count, ?HabitPeriod $period): self
    {
        return match (true) {
            $count > 0 => self::Done,
            $day->isBefore($began), $ended !== null && $day->isAfter($ended) => self::Without,
            $period?->state === HabitState::Missed => self::Missed,
            default => self::Runs,
        };
    }
}
