<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Attendance;
use App\Models\Attendee;
use App\Models\Meeting;
use App\Models\Series;
use Loftrin\Core\Meetings\Rotation;

/** Who chairs and who takes the minutes, as the turns went so far. */
final readonly class Roles
{
    /** @return array{?int, ?int} chair and minute-taker of the series' next meeting */
    public function next(Series $series): array
    {
        $order = array_values($series->loadMissing(['attendees', 'meetings.attendances'])->attendees->map(static fn(Attendee $attendee): string => (string) $attendee->person_id)->all());
        $there = array_values($series->meetings->map(
            static fn(Meeting $meeting): array => array_values($meeting->attendances
                ->filter(static fn(Attendance $attendance): bool => $attendance->was_there)
                ->map(static fn(Attendance $attendance): string => (string) $attendance->person_id)
                ->all()),
        )->all());
        [$chair, $taker] = Rotation::roles($order, [...$there, $order]);

        return [$chair === null ? null : (int) $chair, $taker === null ? null : (int) $taker];
    }
}
