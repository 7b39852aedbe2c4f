<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\RoutineKind;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;

/** Moves what routines brought on to the day that it is: once a day, before anybody reads. Nobody's change, so it is in nobody's log. */
final readonly class AdvanceRoutines
{
    public function __construct(private Workspace $workspace, private RunRoutine $run)
    {
    }

    public function __invoke(): void
    {
        DB::transaction(function (): void {
            $tasks = Task::query()
                ->open()
                ->where('occurs_on', '<', (string) $this->workspace->today())
                ->whereHas('routine', static fn($routine) => $routine->running()->where('kind', RoutineKind::Task)->whereNotNull('rule'))
                ->with('routine')
                ->get();

            foreach ($tasks as $task) {
                if ($task->routine !== null) {
                    $this->run->catchUp($task, $task->routine);
                }
            }
        });
    }
}
