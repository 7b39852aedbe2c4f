<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Series;
use App\Models\StandingItem;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\RecordItem;
use App\Queries\Meetings\Answers\RecordMeeting;
use App\Queries\Meetings\Answers\SeriesRecordView;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Meetings\LengthAdvice;
use Loftrin\Core\Meetings\Outcome;

/** How the meetings of a series do: planned against real, raised and resolved, hours, promises. */
final readonly class SeriesRecordPage
{
    /** How many of the last meetings are shown. */
    private const SHOWN = 26;

    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Series $series): SeriesRecordView
    {
        $today = $this->workspace->today();
        $meetings = $series
            ->heldMeetings()
            ->withCount(['attendances as people' => static fn($attendances) => $attendances->where('was_there', true)])
            ->limit(self::SHOWN)
            ->get()
            ->reverse()
            ->values();
        $rows = $this->meetings($series, $meetings);
        $open = Issue::query()->where('series_id', $series->id)->whereNull('outcome')->orderBy('raised_on');
        $first = (clone $open)->first()?->raised_on;
        $due = Task::query()
            ->whereHas('agendaItem', static fn($items) => $items->whereIn('meeting_id', $meetings->modelKeys()))
            ->whereNull('dropped_on')
            ->where('due_on', '<', (string) $today);

        return new SeriesRecordView(
            id: $series->id,
            title: $series->title,
            meetings: $rows,
            items: $this->items($series),
            hours: round(array_sum(array_map(static fn(RecordMeeting $row): float => ($row->took * $row->people) / 60, $rows)), 1),
            oldestDays: $first === null ? null : $today->number - $first->number,
            open: (clone $open)->count(),
            kept: (clone $due)->whereColumn('done_on', '<=', 'due_on')->count(),
            promised: (clone $due)->count(),
        );
    }

    /**
     * @param Collection<int, Meeting> $meetings
     *
     * @return list<RecordMeeting>
     */
    private function meetings(Series $series, Collection $meetings): array
    {
        $resolved = DB::table('agenda_items')
            ->whereIn('meeting_id', $meetings->modelKeys())
            ->whereNotNull('issue_id')
            ->whereNotNull('outcome')
            ->whereNotIn('outcome', [Outcome::NextTime->value, Outcome::OtherMeeting->value])
            ->groupBy('meeting_id')
            ->selectRaw('meeting_id, count(*) as issues')
            ->pluck('issues', 'meeting_id');
        $raised = Issue::query()
            ->where('series_id', $series->id)
            ->get()
            ->map(static fn(Issue $issue): string => (string) $issue->raised_on)
            ->all();
        $rows = [];
        $before = null;

        foreach ($meetings as $meeting) {
            $on = (string) $meeting->on;
            $people = $meeting->getAttribute('people');
            $count = $resolved->get($meeting->id);
            $rows[] = new RecordMeeting(
                id: $meeting->id,
                on: $meeting->on,
                planned: $meeting->minutes,
                took: (int) round($meeting->opened_at->diffInSeconds($meeting->clock()) / 60),
                people: is_numeric($people) ? (int) $people : 0,
                raised: count(array_filter($raised, static fn(string $day): bool => $day <= $on && ($before === null || $day > $before))),
                resolved: is_numeric($count) ? (int) $count : 0,
            );
            $before = $on;
        }

        return $rows;
    }

    /** @return list<RecordItem> */
    private function items(Series $series): array
    {
        $last = $series->heldMeetings()->limit(LengthAdvice::MEETINGS)->pluck('id');
        $took = [];

        foreach (
            DB::table('agenda_items')
                ->whereIn('meeting_id', $last)
                ->where('kind', 'standing')
                ->whereNotNull('ended_at')
                ->get(['title', 'begun_at', 'ended_at']) as $item
        ) {
            $took[(string) $item->title][] = (int) round(Carbon::parse($item->begun_at)->diffInMinutes(Carbon::parse($item->ended_at)));
        }

        return array_values(
            $series
                ->standingItems()
                ->get()
                ->filter(static fn(StandingItem $item): bool => isset($took[$item->title]))
                ->map(
                    static fn(StandingItem $item): RecordItem => new RecordItem(
                        title: $item->title,
                        planned: $item->minutes,
                        took: round(array_sum($took[$item->title]) / count($took[$item->title]), 1),
                        times: count($took[$item->title]),
                        advice: LengthAdvice::of($item->minutes, $took[$item->title]),
                    ),
                )
                ->all(),
        );
    }
}
