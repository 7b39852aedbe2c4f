<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\Projects\SetProjectState;
use App\Actions\Week\SetTaskAside;
use App\Models\Goal;
use App\Models\Person;
use App\Queries\Goals\ShelvedWith;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Work\ProjectState;

/** What was put on the shelf with a goal comes back with the goal that carries it on. */
final readonly class BringFromShelf
{
    public function __construct(private SetTaskAside $tasks, private SetProjectState $projects, private BringWork $bring)
    {
    }

    /** @param Goal $from that is on the shelf: it leaves it */
    public function __invoke(Person $who, Goal $from, Goal $to): void
    {
        foreach (ShelvedWith::tasks($from)->get() as $task) {
            $this->tasks->restore($who, $task);
            $this->bring->task($task, $to);
            $task->update(['return_on' => null]);
        }

        foreach (ShelvedWith::projects($from)->with('currentContributions')->get() as $project) {
            $link = $project->currentContributions->firstWhere('goal_id', $from->id);

            if ($link !== null) {
                $this->bring->link($link, $to);
            }

            if ($project->state === ProjectState::Shelved && Gate::forUser($who)->allows('update', $project)) {
                ($this->projects)($who, $project, ProjectState::Active);
            }
        }

        $from->update(['shelved_on' => null, 'return_on' => null]);
    }
}
