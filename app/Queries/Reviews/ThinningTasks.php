<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Work\Carrying;

/**
 * A person's tasks to thin out, longest without a change first: open ones without recent activity, and what has no return date on the
 * shelf. What was looked at and kept is asked about again a quarter later. Rules: computation 8.
 */
final readonly class ThinningTasks
{
    /** So many days after it was kept a task is asked about again. */
    private const KEPT = 91;

    public function __construct(private Workspace $workspace)
    {
    }

    /** @return Builder<Task> not planned, and unchanged for four weeks */
    public function withoutActivity(Person $person): Builder
    {
        return $this->listed(Task::query()->onLists()->whereNull('planned')->whereNull('waiting_on'), 'changed_on', $person);
    }

    /** @return Builder<Task> on the shelf for four weeks, without a day on which they come back */
    public function shelved(Person $person): Builder
    {
        return $this->listed(Task::query()->whereNull('done_on')->whereNull('dropped_on')->whereNull('return_on'), 'shelved_on', $person);
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return Builder<Task>
     */
    private function listed(Builder $tasks, string $since, Person $person): Builder
    {
        $today = $this->workspace->today();

        return $tasks
            ->where('owner_id', $person->id)
            ->where($since, '<=', (string) $today->plus(-Carrying::UNTOUCHED_AFTER))
            ->where(
                static fn(Builder $either) => $either->whereNull('kept_on')->orWhere('kept_on', '<=', (string) $today->plus(-self::KEPT)),
            )
            ->orderBy($since)
            ->orderBy('id');
    }
}
