<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\ChangeLog;
use App\Actions\RefusedChange;
use App\Models\Person;
use App\Models\Stage;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Day;

final readonly class ChangeTask
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * Changes the fields given. A due date moved later counts as carried once more; handing over starts the count anew.
     *
     * @param array{title?: string, notes?: ?string, owner_id?: int, due_on?: ?Day, minutes?: ?int, rank?: ?string, stage_id?: ?int, waiting_on?: ?string, driver_id?: ?int, attention?: ?string, place?: ?string} $fields
     *
     * @throws RefusedChange when somebody else would own what only its owner may see
     */
    public function __invoke(Person $who, Task $task, array $fields): void
    {
        $handsOver = isset($fields['owner_id']) && $fields['owner_id'] !== $task->owner_id;

        if ($handsOver && $task->visibility === Visibility::OnlyMe && ! $this->sees($fields['owner_id'], $task)) {
            throw new RefusedChange('owner_id', 'They may not see this task: it cannot be handed over to them.');
        }

        if (isset($fields['stage_id']) && ! Stage::query()->where('project_id', $task->project_id)->whereKey($fields['stage_id'])->exists()) {
            throw new RefusedChange('stage_id', 'This project has no such stage.');
        }

        $words = $handsOver ? "Handed over “{$task->title}”" : "Changed “{$task->title}”";

        $this->log->change($who, $words, function () use ($task, $fields, $handsOver): void {
            if (array_key_exists('waiting_on', $fields)) {
                $task->waiting_since = match (true) {
                    $fields['waiting_on'] === null => null,
                    $task->waiting_on === null => $this->workspace->today(),
                    default => $task->waiting_since,
                };
            }

            $movedLater = isset($fields['due_on']) && $task->due_on !== null && $fields['due_on']->isAfter($task->due_on);
            $task->fill($fields);

            if ($handsOver) {
                $task->fill(PlannedTime::settled($task, $this->workspace, forget: true));
            } elseif ($movedLater) {
                $task->carried++;
            }

            $task->changed_on = $this->workspace->today();
            $task->save();
        });
    }

    private function sees(int $person, Task $task): bool
    {
        return Task::query()->visibleTo(Person::query()->findOrFail($person))->whereKey($task->id)->exists();
    }
}
