<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Absence;
use App\Models\Attendee;
use App\Models\Series;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Rotation;

/** Who chairs and who takes the minutes, as the turns went so far. */
final readonly class Roles
{
    /**
     * Who is known to be away on that day is passed over.
     *
     * @return array{?int, ?int} chair and minute-taker of the series' next meeting
     */
    public function next(Series $series, ?Day $on = null): array
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

        $away =
            $on === null
                ? []
                : Absence::query()
                    ->where('first_on', '<=', (string) $on)
                    ->where('last_on', '>=', (string) $on)
                    ->pluck('person_id')
                    ->map(static fn(mixed $id): string => is_numeric($id) ? (string) $id : '')
                    ->all();
        $expected = array_values(array_diff($order, $away));
        $meetings = [...array_values($there), $expected === [] ? $order : $expected];

        [$chair, $taker] = Rotation::roles($order, $meetings, $series->rotates_every);

        return [$chair === null ? null : (int) $chair, $taker === null ? null : (int) $taker];
    }
}
