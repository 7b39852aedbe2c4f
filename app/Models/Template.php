<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Template\Piece;
use Loftrin\Core\Work\Weighing;

/**
 * A project to start others from.
 *
 * @property string $title
 * @property ?string $outcome
 * @property ?int $area_id
 * @property Weighing $weighing
 * @property StageOrder $order
 * @property ?int $days from the start to the due date
 * @property bool $last_is_done whether the last stage of each project holds what is done
 * @property-read Collection<int, TemplateStage> $stages
 * @property-read Collection<int, TemplateTask> $tasks
 * @property-read Collection<int, TemplateMilestone> $milestones
 * @property-read Collection<int, Project> $projects
 */
final class Template extends Record
{
    /** What its pieces are made of, to be loaded. */
    public const PIECES = ['tasks.stage', 'tasks.steps', 'tasks.dependencies'];

    protected $table = 'templates';

    /** @return HasMany<TemplateStage, $this> */
    public function stages(): HasMany
    {
        return $this->hasMany(TemplateStage::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<TemplateTask, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(TemplateTask::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<TemplateMilestone, $this> */
    public function milestones(): HasMany
    {
        return $this->hasMany(TemplateMilestone::class)->orderBy('day')->orderBy('id');
    }

    /** @return HasMany<Project, $this> */
    public function projects(): HasMany
    {
        return $this->hasMany(Project::class)->orderBy('id');
    }

    /**
     * Its tasks as the core compares them. What PIECES names is loaded.
     *
     * @return list<Piece>
     */
    public function pieces(): array
    {
        return array_values(
            $this->tasks
                ->map(
                    static fn(TemplateTask $task): Piece => new Piece(
                        id: $task->id,
                        title: $task->title,
                        stage: $task->stage?->name,
                        role: $task->role,
                        day: $task->day,
                        minutes: $task->minutes,
                        steps: array_values($task->steps->map(static fn(TemplateStep $step): string => $step->title)->all()),
                        after: array_values(
                            $task->dependencies->map(static fn(TemplateDependency $link): int => $link->after_id)->all(),
                        ),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<string> the roles that somebody has to take, in their order */
    public function roles(): array
    {
        return array_values(
            array_unique(array_filter($this->tasks->map(static fn(TemplateTask $task): ?string => $task->role)->all(), is_string(...))),
        );
    }

    protected function casts(): array
    {
        return ['weighing' => Weighing::class, 'order' => StageOrder::class, 'last_is_done' => 'boolean'];
    }
}
