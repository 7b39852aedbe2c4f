<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

final readonly class ChangeTask
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private NotifyOfTask $notify)
    {
    }

    /**
     * Changes the fields given. A due date moved later counts as carried once more; handing over starts the count anew.
     *
     * @param array{
     *   title?: string, notes?: ?string, owner_id?: int, due_on?: ?Day, due_at?: ?string, minutes?: ?int, rank?: ?string,
     *   waiting_on?: ?string, follow_up_on?: ?Day, main_effort_id?: ?int, focus?: ?string, place?: ?string,
     *   in_progress?: bool, checked_by_id?: ?int,
     * } $fields
     *
     * @throws RefusedChange when somebody else would own what only its owner may see
     */
    public function __invoke(Person $who, Task $task, array $fields): void
    {
        $handsOver = isset($fields['owner_id']) && $fields['owner_id'] !== $task->owner_id;

        if ($handsOver && $task->visibility === Visibility::OnlyMe && ! $this->sees($fields['owner_id'], $task)) {
            throw new RefusedChange('owner_id', 'They cannot see this task, so it cannot be handed over to them.');
        }

        $words = $handsOver ? "Handed over “{$task->title}”" : "Changed “{$task->title}”";

        $this->log->change($who, $words, function () use ($who, $task, $fields, $handsOver): void {
            if (array_key_exists('waiting_on', $fields)) {
                $task->fill(Waiting::columns($task, $fields['waiting_on'], $this->workspace->today()));
            }

            if (array_key_exists('in_progress', $fields)) {
                $task->in_progress_since = $fields['in_progress'] ? $task->in_progress_since ?? $this->workspace->today() : null;
                unset($fields['in_progress']);
            }

            $movedLater = isset($fields['due_on']) && $task->due_on !== null && $fields['due_on']->isAfter($task->due_on);
            $task->fill($fields);
            $task->due_at = $task->due_on === null ? null : $task->due_at;

            if ($handsOver) {
                $task->fill(PlannedTime::settled($task, $this->workspace, forget: true));
            } elseif ($movedLater) {
                $task->carried++;
            }

            $task->save();
            ($this->notify)($who, $task, $handsOver);
        });
    }

    private function sees(int $person, Task $task): bool
    {
        return Task::query()
            ->visibleTo(Person::query()->findOrFail($person))
            ->whereKey($task->id)
            ->exists();
    }
}
