<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\Parts\Attach;
use App\Actions\Parts\SeenWork;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Stage;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

final readonly class AddTask
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private NotifyOfTask $notify,
        private Attach $attach,
    ) {
    }

    /** @throws RefusedChange when it would belong to what the person may not see, or to two things at once */
    public function __invoke(Person $who, TaskDraft $draft): Task
    {
        $home = $this->home($who, $draft);

        return $this->log->change($who, "Added “{$draft->title}”", fn(): Task => $this->add($who, $draft, $home));
    }

    private function add(Person $who, TaskDraft $draft, Goal|Project|null $home): Task
    {
        $today = $this->workspace->today();
        $isShelved = $draft->isShelved && ! $draft->isDone;
        $task = Task::query()->create([
            'title' => $draft->title,
            'notes' => $draft->notes,
            'project_id' => $draft->project,
            'goal_id' => $draft->goal,
            'stage_id' => $draft->stage,
            'position' => Task::placeAtEnd($draft->project),
            'owner_id' => $draft->owner ?? $who->id,
            'visibility' => $draft->isPrivate ? Visibility::OnlyMe : $home?->visibilityOfTasks() ?? Visibility::Everyone,
            'created_on' => $today,
            'done_on' => $draft->isDone ? $draft->doneOn ?? $today : null,
            'shelved_on' => $isShelved ? $today : null,
            'return_on' => $isShelved ? $draft->returnOn : null,
            'due_on' => $draft->dueOn,
            'due_at' => $draft->dueOn === null ? null : $draft->dueAt,
            'minutes' => $draft->minutes,
            'rank' => $draft->rank,
            'focus' => $draft->focus,
            'agenda_item_id' => $draft->agendaItem,
            'carried' => 0,
            ...PlannedTime::columns($this->workspace->calendar(), $draft->planned, $draft->at),
            ...Waiting::columns(new Task(), $draft->waitingFor, $today),
            'follow_up_on' => $draft->waitingFor === null ? null : $draft->followUpOn,
        ]);

        if ($draft->helpers !== []) {
            $this->attach->helpers($who, $task, $draft->helpers);
        }

        // A next step is agreed on in the meeting, where its owner hears of it.
        ($this->notify)($who, $task, handsOver: $task->owner_id !== $who->id && $draft->agendaItem === null);

        return $task;
    }

    /** What it is in or for, as far as the person may see that: it is seen by the same people. */
    private function home(Person $who, TaskDraft $draft): Goal|Project|null
    {
        $goal = $draft->goal === null ? null : Goal::query()->visibleTo($who)->find($draft->goal);
        $project = $draft->project === null ? null : Project::query()->visibleTo($who)->find($draft->project);
        $home = $project ?? $goal;

        match (true) {
            $draft->project !== null && $draft->goal !== null => throw new RefusedChange(
                'goal',
                'A task can belong to a project or a goal, not both.',
            ),
            $draft->doneOn?->isAfter($this->workspace->today()) === true => throw new RefusedChange(
                'done_on',
                'This day is still to come.',
            ),
            $draft->goal !== null && $goal === null => throw new RefusedChange('goal', 'This goal no longer exists.'),
            $draft->project !== null && $project === null => throw new RefusedChange('project', 'This project no longer exists.'),
            $draft->stage !== null && ! Stage::query()->where('project_id', $draft->project)->whereKey($draft->stage)->exists()
                => throw new RefusedChange('stage', 'This stage no longer exists.'),
            $draft->isPrivate && $project !== null => throw new RefusedChange(
                'isPrivate',
                'Tasks of a project are visible to everyone who can see the project.',
            ),
            $draft->isPrivate && $draft->agendaItem === null && $draft->owner !== null && $draft->owner !== $who->id
                => throw new RefusedChange('isPrivate', 'A private task must be your own.'),
            $goal?->isHidden() === false && $draft->isPrivate => throw new RefusedChange(
                'isPrivate',
                'A private task cannot count towards a goal visible to everyone.',
            ),
            default => null,
        };

        SeenWork::admit($home, $draft->owner ?? $who->id, 'owner_id');

        return $home;
    }
}
