<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Actions\Week\TaskRules;
use App\Models\Dependency;
use App\Models\Project;
use App\Models\Task;
use App\Store\RefusedChange;
use Loftrin\Core\Work\Template\Piece;

/** Lets the tasks of a project depend on each other as the pieces of its template do, as far as they are in it. */
final readonly class LinkPieces
{
    public function __construct(private TaskRules $rules)
    {
    }

    /**
     * What else they depend on stays.
     *
     * @param list<Piece> $pieces those whose dependencies are taken
     *
     * @throws RefusedChange when tasks would wait for each other in a loop
     */
    public function __invoke(Project $project, array $pieces): void
    {
        $tasks = $project->tasks()->whereNotNull('template_task_id')->with('dependencies')->get()->keyBy('template_task_id');
        $id = static fn(Task $task): int => $task->id;
        $afterOf = static fn(Dependency $link): int => $link->after_id;

        foreach ($pieces as $piece) {
            $task = $tasks->get($piece->id);

            if ($task === null) {
                continue;
            }

            $after = array_values($tasks->whereIn('template_task_id', $piece->after)->map($id)->all());
            $others = array_values($tasks->whereNotIn('template_task_id', $piece->after)->map($id)->all());
            $before = $task->dependencies;
            $before->whereIn('after_id', $others)->each(static fn(Dependency $link): ?bool => $link->delete());
            $kept = array_values($before->whereNotIn('after_id', $others)->map($afterOf)->all());
            $added = array_diff($after, $kept);

            if ($added !== []) {
                $this->rules->refuseLoop($task, [...$kept, ...array_values($added)]);
            }

            foreach ($added as $other) {
                Dependency::query()->create(['task_id' => $task->id, 'after_id' => $other]);
            }
        }
    }
}
