<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Attendee;
use App\Models\Series;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Meetings\Rotation;

/** Who chairs and who takes the minutes, as the turns went so far. */
final readonly class Roles
{
    /** @return array{?int, ?int} chair and minute-taker of the series' next meeting */
    public function next(Series $series): array
    {
        $order = array_values(
            $series
                ->loadMissing('attendees')
                ->attendees->map(static fn(Attendee $attendee): string => (string) $attendee->person_id)
                ->all(),
        );
        $rows = DB::table('meetings')
            ->where('series_id', $series->id)
            ->leftJoin(
                'attendances',
                static fn(JoinClause $join) => $join->on('attendances.meeting_id', '=', 'meetings.id')->where('was_there', true),
            )
            ->orderBy('meetings.on')
            ->orderBy('attendances.id')
            ->get(['meetings.id', 'attendances.person_id']);
        $there = [];

        foreach ($rows as $row) {
            $there[(int) $row->id] ??= [];

            if ($row->person_id !== null) {
                $there[(int) $row->id][] = (string) $row->person_id;
            }
        }

        [$chair, $taker] = Rotation::roles($order, [...array_values($there), $order]);

        return [$chair === null ? null : (int) $chair, $taker === null ? null : (int) $taker];
    }
}
