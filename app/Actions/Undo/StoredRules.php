<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Actions\Goals\GoalRules;
use App\Actions\Projects\ProjectRules;
use App\Actions\Week\TaskRules;
use App\Models\Checkpoint;
use App\Models\Contribution;
use App\Models\Dependency;
use App\Models\Goal;
use App\Models\Helping;
use App\Models\Membership;
use App\Models\Project;
use App\Models\Record;
use App\Models\RecurringTask;
use App\Models\Stage;
use App\Models\Task;
use App\Models\Viewer;
use App\Store\RefusedChange;

/** The rules that what is stored has to keep, whatever way it came to be so: asked of all that an undo has written. */
final readonly class StoredRules
{
    public function __construct(private GoalRules $goals, private TaskRules $tasks, private ProjectRules $projects)
    {
    }

    /**
     * @param array<array-key, Record> $written
     *
     * @throws RefusedChange naming the rule that would be broken
     */
    public function check(array $written): void
    {
        try {
            foreach ($this->concerned($written) as $record) {
                match (true) {
                    $record instanceof Goal => $this->goals->check($record),
                    $record instanceof Task => $this->tasks->check($record),
                    $record instanceof Project => $this->projects->check($record),
                    default => null,
                };
            }
        } catch (RefusedChange $reason) {
            throw new RefusedChange('undo', "{$reason->getMessage()} Nothing was undone.");
        }
    }

    /**
     * The goals, tasks and projects that were written, or of which a part was.
     *
     * @param array<array-key, Record> $written
     *
     * @return array<string, Record> each once, fresh
     */
    private function concerned(array $written): array
    {
        $found = [];

        foreach ($written as $record) {
            foreach ($this->wholes($record) as $whole) {
                if ($whole !== null) {
                    $found[$whole::class.$whole->id] = $whole;
                }
            }
        }

        return $found;
    }

    /** @return iterable<?Record> */
    private function wholes(Record $record): iterable
    {
        return match (true) {
            $record instanceof Goal, $record instanceof Project => [$record->fresh()],
            $record instanceof Task => [
                $record->fresh(),
                Goal::query()->find($record->goal_id),
                Project::query()->hidden()->find($record->project_id),
            ],
            $record instanceof Viewer => [Goal::query()->find($record->goal_id), Project::query()->find($record->project_id)],
            $record instanceof Checkpoint => [Goal::query()->find($record->goal_id)],
            $record instanceof Dependency => [Task::query()->find($record->task_id)],
            $record instanceof Stage, $record instanceof Contribution, $record instanceof RecurringTask => [
                Project::query()->find($record->project_id),
            ],
            $record instanceof Helping => [Project::query()->hidden()->find($record->project_id ?? $record->task?->project_id)],
            $record instanceof Membership => Viewer::throughGroup($record->group_id),
            default => [],
        };
    }
}
