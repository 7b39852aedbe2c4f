<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\Projects\SetProjectState;
use App\Actions\Shelf\Shelve;
use App\Actions\Week\SetTaskAside;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Rest;
use App\Models\Task;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Work\ProjectState;

/** Shelves or drops the open work beneath a goal whose rest is shelved or dropped, as far as it serves no other goal. */
final readonly class SettleRest
{
    public function __construct(private Shelve $shelve, private SetProjectState $projects, private SetTaskAside $tasks)
    {
    }

    /** @param list<int> $apart goals beneath it that have an answer of their own in the same pass */
    public function __invoke(Person $who, Goal $goal, ClosingFigures $figures, ClosingDraft $draft, array $apart = []): void
    {
        $isShelved = $draft->rest === Rest::Shelved;
        $returnOn = $draft->returnOn;

        foreach (Task::query()->where('goal_id', $goal->id)->open()->get() as $task) {
            $isShelved ? ($this->shelve)($who, $task, $returnOn) : $this->tasks->drop($who, $task);
        }

        foreach ($this->projects($goal) as $project) {
            if (Gate::forUser($who)->allows('update', $project)) {
                $isShelved ? ($this->shelve)($who, $project, $returnOn) : ($this->projects)($who, $project, ProjectState::Dropped);
            }
        }

        foreach ($goal->children()->whereNull('closed_on')->whereKeyNot($apart)->get() as $child) {
            if (Gate::forUser($who)->allows('update', $child)) {
                $child->update(
                    $figures->closing(
                        $child,
                        new ClosingDraft(
                            $figures->resultWith($child),
                            line: $isShelved ? 'Shelved with the goal above.' : 'Dropped with the goal above.',
                            rest: $draft->rest,
                        ),
                    ),
                );
                $this($who, $child, $figures, $draft, $apart);
            }
        }
    }

    /** @return iterable<Project> open ones that serve this goal and no other open one */
    private function projects(Goal $goal): iterable
    {
        return Project::query()
            ->whereIn('state', ProjectState::OPEN)
            ->whereHas('currentContributions', static fn($link) => $link->where('goal_id', $goal->id))
            ->whereDoesntHave(
                'currentContributions',
                static fn($link) => $link
                    ->where('goal_id', '<>', $goal->id)
                    ->whereHas('goal', static fn($other) => $other->whereNull('closed_on')),
            )
            ->get();
    }
}
