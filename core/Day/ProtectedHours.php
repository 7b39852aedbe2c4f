<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

use InvalidArgumentException;
use Loftrin\Core\Calendar\WallTime;
use Loftrin\Core\Calendar\Weekday;

/** Hours of a weekday that a person keeps for something. Times are on the wall clock, HH:MM. */
final readonly class ProtectedHours
{
    /** @throws InvalidArgumentException when they end before they begin */
    public function __construct(public Weekday $weekday, public string $from, public string $until, public HoursKind $kind)
    {
        if ($until <= $from) {
            throw new InvalidArgumentException('The end must be after the beginning.');
        }
    }

    /**
     * What a meeting or an appointment of so many minutes goes against: hours that are kept for work, or, on a day on which
     * there are hours for meetings, all but these.
     *
     * @param list<self> $kept a person's
     *
     * @return ?string in words, null when it goes against nothing: "09:00 to 11:00 are kept for work"
     */
    public static function against(array $kept, Weekday $weekday, string $at, int $minutes): ?string
    {
        $from = WallTime::minutes($at);
        $until = $from + $minutes;
        $meetings = [];

        foreach ($kept as $hours) {
            if ($hours->weekday !== $weekday) {
                continue;
            }

            [$first, $last] = [WallTime::minutes($hours->from), WallTime::minutes($hours->until)];

            if ($hours->kind === HoursKind::Meetings) {
                $meetings[] = $hours;
            } elseif ($from < $last && $until > $first) {
                return "$hours->from to $hours->until are kept for work";
            }
        }

        $isWithin = static fn(self $hours): bool => $from >= WallTime::minutes($hours->from) && $until <= WallTime::minutes($hours->until);

        return $meetings === [] || array_filter($meetings, $isWithin) !== []
            ? null
            : 'meetings are taken from '.
                    implode(' and from ', array_map(static fn(self $hours): string => "$hours->from to $hours->until", $meetings));
    }
}
