<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Addition;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Sending;
use App\Models\Series;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\AdditionRow;
use App\Queries\Meetings\Answers\MinutesView;
use App\Queries\Meetings\Answers\SentRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Plan\StoredPlans;
use Illuminate\Support\Facades\Gate;

/** The minutes of a closed meeting, with what was added since, and how its next steps stand. */
final readonly class MinutesPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private MeetingsPage $meetings,
        private MinutesOf $minutes,
    ) {
    }

    public function of(Meeting $meeting, Person $viewer): MinutesView
    {
        $kept = $meeting->loadMissing('finalMinutes')->finalMinutes;
        $series = Series::query()
            ->with([...Series::DAYS, 'meetings' => MeetingDays::current($this->workspace)])
            ->withCount(Series::COUNTS)
            ->findOrFail($meeting->series_id);

        return new MinutesView(
            id: $meeting->id,
            series: $this->meetings->row($series),
            minutes: $this->minutes->closed($meeting),
            checksum: $kept?->checksum,
            isIntact: $kept?->isIntact() ?? true,
            additions: array_values(
                Addition::query()
                    ->where('meeting_id', $meeting->id)
                    ->with(['person', 'agendaItem'])
                    ->orderBy('id')
                    ->get()
                    ->map($this->addition(...))
                    ->all(),
            ),
            steps: $this->steps($meeting, $viewer),
            sent: array_values(
                Sending::query()
                    ->where('meeting_id', $meeting->id)
                    ->with('person')
                    ->orderBy('id')
                    ->get()
                    ->map(
                        fn(Sending $sending): SentRow => new SentRow($sending->person->name, $this->workspace->wallDay($sending->sent_at)),
                    )
                    ->all(),
            ),
            mayAdd: Gate::forUser($viewer)->allows('run', $series),
        );
    }

    private function addition(Addition $addition): AdditionRow
    {
        return new AdditionRow(
            id: $addition->id,
            who: $addition->person->name,
            on: $this->workspace->wallDay($addition->written_at),
            at: $this->workspace->wallTime($addition->written_at),
            item: $addition->agendaItem?->title,
            words: $addition->words,
        );
    }

    /** @return list<TaskRow> */
    private function steps(Meeting $meeting, Person $viewer): array
    {
        $threads = $this->plans->threads($viewer, $this->workspace->calendar()->weekOf($meeting->on));

        return TaskRow::all(
            Task::query()->visibleTo($viewer)->whereIn('agenda_item_id', $meeting->items()->select('id'))->orderBy('id'),
            $threads,
            $this->workspace,
        );
    }
}
