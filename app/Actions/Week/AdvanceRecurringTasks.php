<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\RecurringTaskKind;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;

/**
 * Moves what recurring tasks brought on to the day that it is: once a day, before anybody reads. Nobody's change, so it is in nobody's
 * log.
 */
final readonly class AdvanceRecurringTasks
{
    public function __construct(private Workspace $workspace, private RunRecurringTask $run)
    {
    }

    public function __invoke(): void
    {
        DB::transaction(function (): void {
            $tasks = Task::query()
                ->open()
                ->where('occurs_on', '<', (string) $this->workspace->today())
                ->whereHas(
                    'recurringTask',
                    static fn($recurringTask) => $recurringTask->running()->where('kind', RecurringTaskKind::Task)->whereNotNull('rule'),
                )
                ->with('recurringTask')
                ->get();

            foreach ($tasks as $task) {
                if ($task->recurringTask !== null) {
                    $this->run->catchUp($task, $task->recurringTask);
                }
            }
        });
    }
}
