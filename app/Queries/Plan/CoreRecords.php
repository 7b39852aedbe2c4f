<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Checkpoint as CheckpointRecord;
use App\Models\Contribution as ContributionRecord;
use App\Models\Goal as GoalRecord;
use App\Models\Project as ProjectRecord;
use App\Models\Record;
use App\Models\RecurringTaskContribution;
use App\Models\Stage as StageRecord;
use App\Models\Stay;
use App\Models\Task as TaskRecord;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Checkpoint;
use Loftrin\Core\Goals\Checkpoints;
use Loftrin\Core\Goals\Closing;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Reading;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Goals\Sense;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Task;
use Loftrin\Core\Work\Weighing;
use stdClass;

/** Stored records as the core's own objects. What a record breaks of a rule is thrown as the core throws it. */
final class CoreRecords
{
    /** The columns that a goal of the core is made of. */
    public const GOAL = [
        'id',
        'title',
        'period',
        'weight',
        'measure',
        'tasks_weight',
        'start_value',
        'target_value',
        'limit_value',
        'sense',
        'share',
        'closed_on',
        'result',
        'score',
        'area_id',
        'created_on',
    ];

    /** The closed goal that one carries on, where it may: what was stopped is not carried on, whatever came back of it from the shelf. */
    public const CARRIES = "(select carried.id from goals as carried where carried.id = goals.predecessor_id
        and carried.result <> 'stopped' and carried.closed_on <= goals.created_on) as carries";

    /** The columns that a project of the core is made of. */
    public const PROJECT = ['id', 'title', 'weighing', 'order', 'state', 'state_on', 'starts_on', 'due_on', 'area_id', 'created_on'];

    /** What is loaded of a task that a task of the core is made of. */
    public const TASK = ['stage', 'steps', 'dependencies', 'stays'];

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
        return $this->goalOf(
            self::row($goal),
            $parent,
            array_values(
                $goal->checkpoints->map(static fn(CheckpointRecord $point): Checkpoint => self::checkpoint(self::row($point)))->all(),
            ),
        );
    }

    /**
     * @param stdClass $row its columns as they are stored
     * @param ?int $parent under which it counts
     * @param list<Checkpoint> $checkpoints
     */
    public function goalOf(stdClass $row, ?int $parent, array $checkpoints): Goal
    {
        $name = (string) $row->period;
        $period = $this->periods[$name] ??= $this->calendar->period($name);

        return new Goal(
            id: (string) $row->id,
            title: (string) $row->title,
            period: $period,
            measure: self::measure($row),
            parent: $parent === null ? null : (string) $parent,
            weight: self::exact($row->weight),
            checkpoints: Checkpoints::in($period, $checkpoints),
            closing: $row->closed_on === null || $row->result === null
                ? null
                : new Closing(
                    Day::of((string) $row->closed_on),
                    Result::from((string) $row->result),
                    $row->score === null ? null : self::exact($row->score),
                ),
            area: $row->area_id === null ? null : (string) $row->area_id,
            createdOn: self::day($row->created_on),
            carries: isset($row->carries) ? (string) $row->carries : null,
        );
    }

    /** @param stdClass $row its columns as they are stored */
    public static function measure(stdClass $row): Measure
    {
        return match (MeasureKind::from((string) $row->measure)) {
            MeasureKind::Work => new Measure\Work(self::exact($row->tasks_weight ?? 1)),
            MeasureKind::Number => new Measure\Number(self::exact($row->start_value), self::exact($row->target_value)),
            MeasureKind::Keep => new Measure\Keep(
                self::exact($row->limit_value),
                Sense::from((string) $row->sense),
                self::exact($row->share),
            ),
            MeasureKind::Count => new Measure\Count(self::exact($row->target_value)),
            MeasureKind::YesNo => new Measure\YesNo(),
            MeasureKind::Judged => new Measure\Judged(),
        };
    }

    public static function checkpoint(stdClass $row): Checkpoint
    {
        return new Checkpoint(Day::of((string) $row->on), self::exact($row->fraction));
    }

    public static function reading(stdClass $row): Reading
    {
        return new Reading(Day::of((string) $row->on), self::exact($row->value));
    }

    public static function contribution(stdClass $row): Contribution
    {
        return new Contribution((string) $row->goal_id, self::exact($row->weight), self::day($row->from_on), self::day($row->until_on));
    }

    /** Where a task stood before. */
    public static function stay(stdClass $row): Contribution
    {
        return new Contribution((string) $row->goal_id, from: self::day($row->since_on), until: self::day($row->until_on));
    }

    /** @param mixed $date as it is stored */
    public static function day(mixed $date): ?Day
    {
        return is_string($date) ? Day::of(substr($date, 0, 10)) : null;
    }

    /** Its stages and contributions are loaded. */
    public static function project(ProjectRecord $project): Project
    {
        return self::projectOf(
            self::row($project),
            array_values($project->stages->map(static fn(StageRecord $stage): string => $stage->name)->all()),
            array_values(
                $project->contributions
                    ->map(static fn(ContributionRecord $link): Contribution => self::contribution(self::row($link)))
                    ->all(),
            ),
        );
    }

    /**
     * @param stdClass $row its columns as they are stored
     * @param list<string> $stages their names; none where only figures are made of it
     * @param list<Contribution> $contributions
     */
    public static function projectOf(stdClass $row, array $stages, array $contributions): Project
    {
        return new Project(
            id: (string) $row->id,
            title: (string) $row->title,
            weighing: Weighing::from((string) $row->weighing),
            order: StageOrder::from((string) $row->order),
            stages: $stages,
            serves: $contributions,
            state: ProjectState::from((string) $row->state),
            stateOn: Day::of((string) $row->state_on),
            startsOn: self::day($row->starts_on),
            dueOn: self::day($row->due_on),
            area: $row->area_id === null ? null : (string) $row->area_id,
            createdOn: self::day($row->created_on),
        );
    }

    /** A record's columns as they are stored, or would be: those that it has no word of yet are empty. */
    public static function row(Record $record): stdClass
    {
        $columns = match (true) {
            $record instanceof GoalRecord => self::GOAL,
            $record instanceof ProjectRecord => self::PROJECT,
            $record instanceof ContributionRecord, $record instanceof RecurringTaskContribution => ['from_on', 'until_on'],
            default => [],
        };

        return (object) [...array_fill_keys($columns, null), ...$record->getAttributes()];
    }

    /** What {@see Task} names is loaded. */
    public static function task(TaskRecord $task): Task
    {
        return new Task(
            (string) $task->id,
            $task->project_id === null ? null : (string) $task->project_id,
            $task->goal_id === null ? null : (string) $task->goal_id,
            stage: $task->stage?->name,
            life: new Lifetime($task->created_on, $task->done_on, $task->dropped_on, $task->shelved_on),
            minutes: $task->minutes === null ? null : Fraction::of($task->minutes),
            steps: array_values($task->steps->map(static fn($step) => $step->done_on)->all()),
            after: array_values($task->dependencies->map(static fn($link): string => (string) $link->after_id)->all()),
            waits: ($task->waiting_on ?? '') !== '',
            recurringTask: $task->recurring_task_id === null ? null : (string) $task->recurring_task_id,
            since: $task->goal_since,
            formerly: array_values($task->stays->map(static fn(Stay $stay): Contribution => self::stay(self::row($stay)))->all()),
        );
    }

    /** @param float|int|string|null $value as it is stored */
    public static function exact(mixed $value): Fraction
    {
        return is_int($value) ? Fraction::of($value) : Fraction::parse(is_scalar($value) ? (string) $value : '0');
    }
}
