<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Attendance;
use App\Models\FollowUp;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Series;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\AttendanceRow;
use App\Queries\Meetings\Answers\FollowUpRow;
use App\Queries\Meetings\Answers\IssueRow;
use App\Queries\Meetings\Answers\RoomView;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Meetings\AgendaKind;

/** A meeting while it runs. */
final readonly class RoomPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private AgendaInStore $agendas,
        private MeetingsPage $meetings,
        private RoomItems $items,
        private Choices $choices,
        private PointsFor $points,
    ) {
    }

    public function of(Meeting $meeting, Person $viewer): RoomView
    {
        $this->load($meeting);
        $threads = $this->plans->threads($viewer, $this->workspace->calendar()->weekOf($meeting->on));
        $series = $meeting->series->loadCount(Series::COUNTS);
        $people = $meeting->attendances->map(static fn(Attendance $attendance): ?Person => $attendance->person)->filter();
        $unconfirmed = $meeting->items->flatMap->nextSteps->filter(
            static fn(Task $task): bool => $task->confirmed_at === null && $task->isOpen(),
        );

        return new RoomView(
            id: $meeting->id,
            series: $this->meetings->row($series),
            on: $meeting->on,
            number: $series->meetings()->where('on', '<=', (string) $meeting->on)->count(),
            minutes: $meeting->minutes,
            begins: $this->workspace->wallTime($meeting->opened_at),
            ends: $this->workspace->wallTime($meeting->end()),
            elapsed: (int) $meeting->opened_at->diffInSeconds($meeting->clock()),
            isPaused: $meeting->paused_at !== null,
            chair: $meeting->chair?->name,
            minuteTaker: $meeting->minuteTaker?->name,
            summary: $meeting->summary,
            draft: SummaryDraft::of($meeting),
            items: $this->items->of($meeting, $threads, $viewer),
            drops: $this->items->price($meeting),
            followUps: $meeting->items->contains('kind', AgendaKind::FollowUps) ? $this->followUps($meeting, $threads) : [],
            toConfirm: $this->toConfirm($unconfirmed->where('owner_id', $viewer->id), $threads),
            unconfirmed: array_values($unconfirmed->map(static fn(Task $task): int => $task->id)->all()),
            attendances: self::attendances($meeting),
            people: array_values($people->map(PersonTag::of(...))->all()),
            raisedMeanwhile: $this->raisedMeanwhile($meeting, $threads),
            projects: $this->choices->openProjects(),
            goals: $this->choices->openGoals(),
            points: $this->points->with($viewer, self::present($meeting)),
            otherMeetings: $this->choices->meetings($viewer, except: $series->id),
            by: (string) (Occurrences::next($series, $meeting->on->plus(1)) ?? $meeting->on->plus(7)),
            mayRun: Gate::forUser($viewer)->allows('run', $series),
            mayCorrect: in_array($viewer->id, [$meeting->chair_id, $meeting->minute_taker_id], true),
        );
    }

    /** All that the room shows of a meeting, in a few queries. */
    private function load(Meeting $meeting): void
    {
        $meeting->load([
            'series.meetings' => MeetingDays::current($this->workspace),
            'series.exceptions',
            'chair',
            'minuteTaker',
            'attendances.person',
            'followUps',
            'items.owner',
            'items.issue.raisedBy',
            'items.issue.project',
            'items.issue.goal',
            'items.goal',
            'items.project',
            'items.decisions',
            'items.nextSteps',
        ]);
    }

    /**
     * @param Collection<int, Task> $tasks
     *
     * @return list<TaskRow>
     */
    private function toConfirm(Collection $tasks, Threads $threads): array
    {
        $query = Task::query()->whereIntegerInRaw('id', $tasks->pluck('id')->all())->orderBy('id');

        return TaskRow::all($query, $threads, $this->workspace);
    }

    /** @return list<AttendanceRow> */
    private static function attendances(Meeting $meeting): array
    {
        return array_values(
            $meeting->attendances
                ->map(
                    static fn(Attendance $attendance): AttendanceRow => new AttendanceRow(
                        $attendance->id,
                        $attendance->person_id,
                        $attendance->name(),
                        $attendance->was_there,
                    ),
                )
                ->all(),
        );
    }

    /** @return list<int> the people who are present */
    private static function present(Meeting $meeting): array
    {
        $there = $meeting->attendances->where('was_there', true);

        return array_values($there->map(static fn(Attendance $each): ?int => $each->person_id)->filter()->all());
    }

    /** @return list<FollowUpRow> */
    private function followUps(Meeting $meeting, Threads $threads): array
    {
        $answers = $meeting->followUps->keyBy('task_id');

        return array_map(static function (TaskRow $task) use ($answers): FollowUpRow {
            $answer = $answers->get($task->id);

            return new FollowUpRow($task, $answer instanceof FollowUp ? $answer->answer : null, $answer?->words, $answer?->until);
        }, TaskRow::all($this->agendas->followUps($meeting->series, $meeting), $threads, $this->workspace));
    }

    /** @return list<IssueRow> open issues of the series that are not on the agenda */
    private function raisedMeanwhile(Meeting $meeting, Threads $threads): array
    {
        return array_values(
            Issue::query()
                ->where('series_id', $meeting->series_id)
                ->whereNull('outcome')
                ->whereNotIn('id', $meeting->items->pluck('issue_id')->filter()->all())
                ->with(['raisedBy', 'project', 'goal'])
                ->orderBy('id')
                ->get()
                ->map(static fn(Issue $issue): IssueRow => IssueRow::of($issue, $threads))
                ->all(),
        );
    }
}
