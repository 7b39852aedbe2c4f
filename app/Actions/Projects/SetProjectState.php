<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Actions\Week\PlannedTime;
use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
use App\Store\ChangeLog;
use Loftrin\Core\Work\ProjectState;

final readonly class SetProjectState
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    public function __invoke(Person $who, Project $project, ProjectState $state): void
    {
        $words = match ($state) {
            ProjectState::Done => 'Closed',
            ProjectState::Active => 'Activated',
            ProjectState::Paused => 'Paused',
            ProjectState::Dropped => 'Dropped',
            ProjectState::Shelved => 'Shelved',
            ProjectState::Proposed => 'Proposed',
        };

        $this->log->change($who, "$words “{$project->title}”", function () use ($project, $state): void {
            if ($project->state->isAside() !== $state->isAside()) {
                $this->settleTasks($project);
            }

            $project->update([
                'state' => $state,
                'state_on' => $this->workspace->today(),
                'return_on' => $state === ProjectState::Shelved ? $project->return_on : null,
            ]);
        });
    }

    /** Counts what its tasks were carried up to now: the time that they spend off the lists does not count. */
    private function settleTasks(Project $project): void
    {
        foreach ($project->tasks()->open()->whereNotNull('planned')->get() as $task) {
            $task->update([
                ...PlannedTime::settled($task, $this->workspace),
                ...$project->state->isAside() ? ['carried' => $task->carried] : [],
            ]);
        }
    }
}
