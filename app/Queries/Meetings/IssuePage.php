<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\AgendaItem;
use App\Models\Comment;
use App\Models\Decision;
use App\Models\Issue;
use App\Models\Person;
use App\Models\Series;
use App\Queries\Meetings\Answers\DecisionRow;
use App\Queries\Meetings\Answers\IssueLink;
use App\Queries\Meetings\Answers\IssueRow;
use App\Queries\Meetings\Answers\IssueStop;
use App\Queries\Meetings\Answers\IssueView;
use App\Queries\Parts\Answers\CommentRow;
use App\Queries\Parts\Choices;
use App\Queries\Plan\StoredPlans;
use Illuminate\Support\Facades\Gate;

/** An issue with its whole path. */
final readonly class IssuePage
{
    public function __construct(private StoredPlans $plans, private Choices $choices)
    {
    }

    public function of(Issue $issue, Person $viewer): IssueView
    {
        $issue->load([
            'series',
            'raisedBy',
            'comments.person',
            'project',
            'goal',
            'task',
            'becameProject',
            'becameGoal',
            'agendaItems.meeting.series',
            'agendaItems.decisions',
            'agendaItems.nextSteps.owner',
            'agendaItems.nextSteps.project',
            'agendaItems.nextSteps.goal',
        ]);

        return new IssueView(
            issue: IssueRow::of($issue, $this->plans->threads($viewer)),
            series: $issue->series->title,
            seriesLink: route('series.show', $issue->series_id, false),
            source: $issue->source,
            minutes: $issue->minutes,
            goal: $issue->goal_id,
            project: $issue->project?->openTitle() === null ? null : $issue->project_id,
            task: $issue->task_id,
            about: $issue->task === null || ! $issue->task->isVisibleTo($viewer)
                ? null
                : new IssueLink($issue->task->title, route('tasks.show', $issue->task, false)),
            forOn: $issue->for_on,
            outcome: $issue->outcome,
            settledOn: $issue->settled_on,
            returnOn: $issue->return_on,
            became: self::became($issue, $viewer),
            path: $this->path($issue, $viewer),
            comments: array_values(
                $issue->comments->map(static fn(Comment $comment): CommentRow => CommentRow::of($comment, $viewer))->all(),
            ),
            projects: $this->choices->openProjects(),
            goals: $this->choices->openGoals(),
            mayChange: $issue->outcome === null && Gate::forUser($viewer)->allows('update', $issue),
        );
    }

    private static function became(Issue $issue, Person $viewer): ?IssueLink
    {
        return match (true) {
            $issue->becameProject?->isVisibleTo($viewer) === true => new IssueLink(
                $issue->becameProject->title,
                route('projects.show', $issue->becameProject, false),
            ),
            $issue->becameGoal !== null && Gate::forUser($viewer)->allows('view', $issue->becameGoal) => new IssueLink(
                $issue->becameGoal->title,
                route('goals.show', $issue->becameGoal, false),
            ),
            default => null,
        };
    }

    /** @return list<IssueStop> of the meetings that the viewer may know of */
    private function path(Issue $issue, Person $viewer): array
    {
        $known = Series::query()->visibleTo($viewer)->pluck('id')->flip();

        return array_values(
            $issue->agendaItems
                ->filter(static fn(AgendaItem $item): bool => $known->has($item->meeting->series_id))
                ->map(
                    static fn(AgendaItem $item): IssueStop => new IssueStop(
                        on: $item->meeting->on,
                        series: $item->meeting->series->title,
                        link: route('meetings.show', $item->meeting_id, false),
                        wasReached: $item->begun_at !== null,
                        outcome: $item->outcome,
                        decisions: array_values(
                            $item->decisions
                                ->map(static fn(Decision $each): DecisionRow => new DecisionRow($each->id, $each->words, $each->because))
                                ->all(),
                        ),
                        nextSteps: MinutesOf::steps($item->nextSteps, $item->meeting->series),
                    ),
                )
                ->all(),
        );
    }
}
