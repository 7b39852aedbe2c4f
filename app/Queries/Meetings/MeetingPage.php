<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\AgendaItem;
use App\Models\Attendance;
use App\Models\Decision;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Project;
use App\Models\Series;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Goals\Threads;
use App\Queries\Meetings\Answers\AttendanceRow;
use App\Queries\Meetings\Answers\DecisionRow;
use App\Queries\Meetings\Answers\IssueRow;
use App\Queries\Meetings\Answers\ItemRow;
use App\Queries\Meetings\Answers\MeetingView;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\TaskRow;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\RankedIssue;

/** A meeting as it stands: what was dealt with, what is being talked about, what still fits. */
final readonly class MeetingPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private AgendaInStore $agendas,
        private MeetingsPage $meetings,
    ) {
    }

    public function of(Meeting $meeting, Person $viewer): MeetingView
    {
        $meeting->load([
            'series.meetings',
            'chair',
            'minuteTaker',
            'attendances.person',
            'items.owner',
            'items.issue.raisedBy',
            'items.issue.project',
            'items.issue.goal',
            'items.goal',
            'items.decisions',
            ...array_map(static fn(string $need): string => "items.nextSteps.$need", TaskRow::NEEDS),
        ]);
        $threads = $this->plans->threads($viewer, $this->workspace->calendar()->weekOf($meeting->on));
        $now = $meeting->closed_at ?? Carbon::now();
        $series = $meeting->series->loadCount(Series::COUNTS);

        return new MeetingView(
            id: $meeting->id,
            series: $this->meetings->row($series),
            on: $meeting->on,
            number: $series->meetings->where('on', '<=', $meeting->on)->count(),
            minutes: $meeting->minutes,
            begins: $this->workspace->wallTime($meeting->opened_at),
            ends: $this->workspace->wallTime($this->end($meeting)),
            closedAt: $meeting->closed_at === null ? null : $this->workspace->wallTime($meeting->closed_at),
            elapsed: (int) $meeting->opened_at->diffInSeconds($now),
            chair: $meeting->chair?->name,
            minuteTaker: $meeting->minuteTaker?->name,
            summary: $meeting->summary,
            items: $this->items($meeting, $now, $threads, $viewer),
            followUps: array_map(
                fn(Task $task): TaskRow => TaskRow::of($task, $threads, $this->workspace),
                $this->agendas->followUps($series, $meeting),
            ),
            attendances: array_values(
                $meeting->attendances
                    ->map(
                        static fn(Attendance $attendance): AttendanceRow => new AttendanceRow(
                            $attendance->id,
                            $attendance->person_id,
                            $attendance->person->name,
                            $attendance->was_there,
                        ),
                    )
                    ->all(),
            ),
            raisedMeanwhile: $meeting->closed_at === null ? $this->raisedMeanwhile($meeting, $threads) : [],
            projects: array_values(
                Project::query()
                    ->whereIn('state', ['active', 'paused'])
                    ->orderBy('title')
                    ->get()
                    ->map(static fn(Project $project): Option => new Option((string) $project->id, $project->title))
                    ->all(),
            ),
            by: (string) (Occurrences::next($series, $meeting->on->plus(1)) ?? $meeting->on->plus(7)),
            mayRun: Gate::forUser($viewer)->allows('update', $series),
        );
    }

    private function end(Meeting $meeting): Carbon
    {
        return $meeting->opened_at->copy()->addMinutes($meeting->minutes);
    }

    /** @return list<ItemRow> */
    private function items(Meeting $meeting, Carbon $now, Threads $threads, Person $viewer): array
    {
        $waiting = $meeting->items->filter(static fn(AgendaItem $item): bool => $item->begun_at === null);
        $wontFit = $meeting->closed_at === null ? $this->wontFit($meeting, $now) : [];
        $ordered = [
            ...$meeting->items
                ->filter(static fn(AgendaItem $item): bool => $item->begun_at !== null)
                ->sortBy(static fn(AgendaItem $item): int => $item->begun_at?->getTimestamp() ?? 0)
                ->all(),
            ...$waiting->filter(static fn(AgendaItem $item): bool => ! isset($wontFit[$item->id]))->all(),
            ...$waiting->filter(static fn(AgendaItem $item): bool => isset($wontFit[$item->id]))->all(),
        ];
        $at = $meeting->opened_at->copy();
        $rows = [];

        foreach ($ordered as $item) {
            $at = $item->begun_at ?? $at;
            $rows[] = $this->item(item: $item, at: $at, now: $now, wontFit: isset($wontFit[$item->id]), threads: $threads, viewer: $viewer);
            $planned = $at->copy()->addMinutes($item->minutes);
            $at = $item->ended_at ?? ($item->begun_at !== null && $planned->isBefore($now) ? $now->copy() : $planned);
        }

        return $rows;
    }

    /**
     * The issues for which the real time left is not enough (computation 11).
     *
     * @return array<int, true> by item
     */
    private function wontFit(Meeting $meeting, Carbon $now): array
    {
        $left = $now->diffInSeconds($this->end($meeting));
        $issues = [];

        foreach ($meeting->items as $item) {
            $spent = $item->begun_at !== null ? $item->begun_at->diffInSeconds($now) : 0;
            $left -= match (true) {
                $item->ended_at !== null, $item->kind === AgendaKind::Issue && $item->begun_at === null => 0,
                default => max(0, $item->minutes * 60 - $spent),
            };

            if ($item->kind === AgendaKind::Issue && $item->begun_at === null && $item->issue !== null) {
                // They stand in their order already: nothing but the place decides among them.
                $issues[] = new RankedIssue((string) $item->id, raised: $item->position, minutes: $item->minutes);
            }
        }

        $fit = Agenda::of((int) floor($left / 60), $issues);

        return array_fill_keys(array_map(static fn(RankedIssue $issue): int => (int) $issue->id, $fit->wontFit), true);
    }

    private function item(AgendaItem $item, Carbon $at, Carbon $now, bool $wontFit, Threads $threads, Person $viewer): ItemRow
    {
        return new ItemRow(
            id: $item->id,
            kind: $item->kind,
            title: $item->title,
            state: match (true) {
                $item->ended_at !== null => 'done',
                $item->begun_at !== null => 'current',
                $wontFit => 'wont_fit',
                default => 'coming',
            },
            at: $this->workspace->wallTime($at),
            minutes: $item->minutes,
            spent: $item->begun_at === null ? null : (int) $item->begun_at->diffInSeconds($item->ended_at ?? $now),
            who: $item->owner?->name,
            cord: $item->issue?->project_id !== null ? $threads->ofProject($item->issue->project_id) : $threads->ofGoal($item->goal_id),
            goalLink: $threads->titleOf($item->goal) === null ? null : route('goals.show', $item->goal_id, false),
            issue: $item->issue === null ? null : IssueRow::of($item->issue, $threads),
            outcome: $item->outcome,
            notes: $item->notes ?? '',
            decisions: array_values(
                $item->decisions
                    ->map(
                        static fn(Decision $decision): DecisionRow => new DecisionRow($decision->id, $decision->words, $decision->because),
                    )
                    ->all(),
            ),
            nextSteps: array_values(
                $item->nextSteps
                    ->filter(static fn(Task $task): bool => $task->isVisibleTo($viewer))
                    ->map(fn(Task $task): TaskRow => TaskRow::of($task, $threads, $this->workspace))
                    ->all(),
            ),
        );
    }

    /** @return list<IssueRow> issues of the series that came up since this meeting was opened */
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
