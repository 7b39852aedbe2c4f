<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Checkpoint as CheckpointRecord;
use App\Models\Goal as GoalRecord;
use App\Models\Project as ProjectRecord;
use App\Models\Reading as ReadingRecord;
use App\Models\RoutineServing;
use App\Models\Serving as ServingRecord;
use App\Models\Stage as StageRecord;
use App\Models\Task as TaskRecord;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Checkpoint;
use Loftrin\Core\Goals\Checkpoints;
use Loftrin\Core\Goals\Closing;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Reading;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\Routine;
use Loftrin\Core\Work\Serving;
use Loftrin\Core\Work\Task;

/** Stored records as the core's own objects. What a record breaks of a rule is thrown as the core throws it. */
final class CoreRecords
{
    /** @var array<string, Period> those met so far, by name: many goals share one */
    private array $periods = [];

    public function __construct(private readonly Calendar $calendar)
    {
    }

    /**
     * Its checkpoints are loaded.
     *
     * @param ?int $parent under which it counts
     */
    public function goal(GoalRecord $goal, ?int $parent): Goal
    {
        $period = $this->periods[$goal->period] ??= $this->calendar->period($goal->period);

        return new Goal(
            (string) $goal->id,
            $goal->title,
            $period,
            self::measure($goal),
            $parent === null ? null : (string) $parent,
            self::exact($goal->weight),
            Checkpoints::in($period, array_values($goal->checkpoints->map(
                static fn(CheckpointRecord $point): Checkpoint => new Checkpoint($point->on, self::exact($point->fraction)),
            )->all())),
            $goal->closed_on === null || $goal->result === null ? null : new Closing(
                $goal->closed_on,
                $goal->result,
                $goal->score === null ? null : self::exact($goal->score),
            ),
            $goal->area_id === null ? null : (string) $goal->area_id,
        );
    }

    public static function measure(GoalRecord $goal): Measure
    {
        return match ($goal->measure) {
            MeasureKind::Work => new Measure\Work(self::exact($goal->tasks_weight ?? 1)),
            MeasureKind::Number => new Measure\Number(self::exact($goal->start_value), self::exact($goal->target_value)),
            MeasureKind::Keep => new Measure\Keep(self::exact($goal->limit_value), $goal->sense, self::exact($goal->share)),
            MeasureKind::Count => new Measure\Count(self::exact($goal->target_value)),
            MeasureKind::YesNo => new Measure\YesNo(),
            MeasureKind::Judged => new Measure\Judged(),
        };
    }

    public static function reading(ReadingRecord $reading): Reading
    {
        return new Reading($reading->on, self::exact($reading->value));
    }

    /** Its stages and servings are loaded. */
    public static function project(ProjectRecord $project): Project
    {
        return new Project(
            (string) $project->id,
            $project->title,
            $project->weighing,
            $project->order,
            array_values($project->stages->map(static fn(StageRecord $stage): string => $stage->name)->all()),
            array_values($project->servings->map(
                static fn(ServingRecord $link): Serving => new Serving((string) $link->goal_id, self::exact($link->weight)),
            )->all()),
            $project->state,
            $project->state_on,
            $project->starts_on,
            $project->due_on,
            $project->area_id === null ? null : (string) $project->area_id,
        );
    }

    /** Its stage, steps and precedences are loaded. */
    public static function task(TaskRecord $task): Task
    {
        return new Task(
            (string) $task->id,
            $task->project_id === null ? null : (string) $task->project_id,
            $task->goal_id === null ? null : (string) $task->goal_id,
            stage: $task->stage?->name,
            createdOn: $task->created_on,
            doneOn: $task->done_on,
            droppedOn: $task->dropped_on,
            shelvedOn: $task->shelved_on,
            minutes: $task->minutes === null ? null : Fraction::of($task->minutes),
            steps: array_values($task->steps->map(static fn($step) => $step->done_on)->all()),
            after: array_values($task->precedences->map(static fn($link): string => (string) $link->after_id)->all()),
            waits: ($task->waiting_on ?? '') !== '',
            routine: $task->routine_id === null ? null : (string) $task->routine_id,
        );
    }

    /**
     * The routines that serve goals.
     *
     * @return array<array-key, Routine> by id
     */
    public static function routines(): array
    {
        return RoutineServing::query()->orderBy('id')->get()->groupBy('routine_id')
            ->map(static fn($links, $id): Routine => new Routine((string) $id, array_values($links->map(static fn(RoutineServing $link): Serving => new Serving((string) $link->goal_id, self::exact($link->weight)))->all())))
            ->all();
    }

    public static function exact(float|int|string|null $value): Fraction
    {
        return Fraction::parse((string) ($value ?? 0));
    }
}
