<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** What became of a task that was planned for a week, by the end of the week. */
enum WeekOutcome: string
{
    case Done = 'done';
    case Dropped = 'dropped';
    case Shelved = 'shelved';
    case HandedOver = 'handed_over';
    /** It was still open, and comes along into the next week. Rules: computation 8. */
    case Carried = 'carried';
    /** It comes back by a rule, and passed unticked. */
    case Missed = 'missed';
    /** It was planned for another time, or for none. */
    case Moved = 'moved';

    /** The first of these that holds. Done beats dropped and shelved; dropped beats shelved. Rules: computation 2. */
    public static function of(
        Span $week,
        ?Day $doneOn,
        ?Day $droppedOn,
        ?Day $shelvedOn,
        bool $isSameOwner,
        ?Day $plannedFrom,
        bool $comesBack,
    ): self {
        $isBy = static fn(?Day $day): bool => $day !== null && ! $day->isAfter($week->last);

        return match (true) {
            $isBy($doneOn) => self::Done,
            $isBy($droppedOn) => self::Dropped,
            $isBy($shelvedOn) => self::Shelved,
            ! $isSameOwner => self::HandedOver,
            $isBy($plannedFrom) => self::Carried,
            $comesBack => self::Missed,
            default => self::Moved,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Done => 'done',
            self::Dropped => 'dropped',
            self::Shelved => 'shelved',
            self::HandedOver => 'handed over',
            self::Carried => 'carried over',
            self::Missed => 'missed',
            self::Moved => 'moved to another time',
        };
    }
}
