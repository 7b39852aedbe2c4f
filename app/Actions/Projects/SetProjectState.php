<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Actions\ChangeLog;
use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
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
            ProjectState::Active => 'Took up',
            ProjectState::Paused => 'Paused',
            ProjectState::Dropped => 'Dropped',
            ProjectState::Shelved => 'Shelved',
            ProjectState::Proposed => 'Proposed',
        };

        $this->log->change($who, "$words “{$project->title}”", fn() => $project->update([
            'state' => $state,
            'state_on' => $this->workspace->today(),
        ]));
    }
}
