<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Models\Dependency;
use App\Models\Milestone;
use App\Models\Person;
use App\Models\Project;
use App\Models\Step;
use App\Models\Task;
use App\Models\Template;
use App\Store\RefusedChange;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;

/** Makes a template of a project as it was planned, however far it has come since. */
final readonly class TemplateOfProject
{
    public function __construct(private SaveTemplate $save)
    {
    }

    /**
     * Its owner's tasks are the owner's, those of others get roles to be named. What is done stands in the stage where it was to be done;
     * what was dropped, and what comes back by itself, is left out.
     *
     * @throws RefusedChange when not everyone may see the project
     */
    public function __invoke(Person $who, Project $project): Template
    {
        if ($project->isHidden()) {
            throw new RefusedChange('project', 'A template is visible to everyone, and this project is not.');
        }

        $project->load(['stages', 'milestones', 'tasks.steps', 'tasks.dependencies']);
        $tasks = $project->tasks->whereNull('dropped_on')->whereNull('recurring_task_id');

        return ($this->save)(
            $who,
            new TemplateDraft(
                title: self::title($project),
                outcome: $project->outcome,
                area: $project->area_id,
                weighing: $project->weighing,
                order: $project->order,
                days: self::daysTo($project, $project->due_on),
                stages: array_values($project->stages->map(static fn($stage): string => $stage->name)->all()),
                tasks: self::tasks($project, $tasks),
                milestones: array_values(
                    $project->milestones
                        ->map(
                            static fn(Milestone $milestone): array => [
                                'id' => null,
                                'title' => $milestone->title,
                                'day' => self::daysTo($project, $milestone->on) ?? 0,
                            ],
                        )
                        ->all(),
                ),
                lastIsDone: $project->last_is_done,
            ),
        );
    }

    /**
     * @param Collection<int, Task> $tasks
     *
     * @return list<array{
     *   id: null, key: string, title: string, stage: ?string, role: ?string, day: ?int, minutes: ?int,
     *   steps: list<array{id: null, title: string, howTo: null}>, after: list<string>,
     * }>
     */
    private static function tasks(Project $project, Collection $tasks): array
    {
        $others = array_flip(
            array_values(
                array_unique(
                    $tasks->where('owner_id', '!=', $project->owner_id)->map(static fn(Task $task): int => $task->owner_id)->all(),
                ),
            ),
        );
        $stages = $project->stages->keyBy('id');

        return array_values(
            $tasks
                ->map(
                    static fn(Task $task): array => [
                        'id' => null,
                        'key' => (string) $task->id,
                        'title' => $task->title,
                        'stage' => $stages->get(
                            ($project->last_is_done && $task->done_on !== null ? $task->stage_before_id : $task->stage_id) ?? 0,
                        )?->name,
                        'role' => isset($others[$task->owner_id]) ? 'Role '.($others[$task->owner_id] + 1) : null,
                        'day' => self::daysTo($project, $task->due_on ?? $task->done_on),
                        'minutes' => $task->minutes,
                        'steps' => array_values(
                            $task->steps
                                ->map(static fn(Step $step): array => ['id' => null, 'title' => $step->title, 'howTo' => null])
                                ->all(),
                        ),
                        'after' => array_values(
                            $task->dependencies->map(static fn(Dependency $link): string => (string) $link->after_id)->all(),
                        ),
                    ],
                )
                ->all(),
        );
    }

    private static function daysTo(Project $project, ?Day $on): ?int
    {
        return $on === null ? null : max(0, $on->number - ($project->starts_on ?? $project->state_on)->number);
    }

    /** The project's own, with a number where there is such a template. */
    private static function title(Project $project): string
    {
        $title = $project->title;

        for ($number = 2; Template::query()->where('title', $title)->exists(); $number++) {
            $title = "{$project->title} $number";
        }

        return $title;
    }
}
