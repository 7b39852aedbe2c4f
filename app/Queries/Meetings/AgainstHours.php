<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Person;
use App\Models\ProtectedHours;
use App\Models\Series;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\ProtectedHours as Hours;

/** Whose protected hours a recurring meeting goes against. */
final readonly class AgainstHours
{
    /** The meetings of so many days ahead are looked at. */
    private const AHEAD = 35;

    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * @param iterable<Person> $attendees
     *
     * @return list<string> "Noor Aksoy: 09:00 to 11:00 are kept for work"
     */
    public function of(Series $series, iterable $attendees): array
    {
        $today = $this->workspace->today();
        $times = [];

        foreach (MeetingDays::each($series, new Span($today, $today->plus(self::AHEAD))) as $planned) {
            $times["{$planned->on->weekday()->value} $planned->time"] = [$planned->on->weekday(), $planned->time, $planned->minutes];
        }

        $kept = ProtectedHours::query()->orderBy('from')->orderBy('id')->get()->groupBy('person_id');
        $found = [];

        foreach ($attendees as $attendee) {
            $hours = $kept->get($attendee->id)?->map(static fn(ProtectedHours $each): Hours => $each->hours())->values()->all() ?? [];

            foreach ($times as [$weekday, $time, $minutes]) {
                $against = Hours::against(array_values($hours), $weekday, $time, $minutes);

                if ($against !== null) {
                    $found[] = "$attendee->name: $against";
                }
            }
        }

        return array_values(array_unique($found));
    }
}
