<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Area;
use App\Models\Checkpoint;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Reading;
use App\Models\RecurringTask;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Plan\CoreRecords;
use Illuminate\Support\Collection;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\PlanFile\PlanReader;

/** Writes the plan as a plan file, version 1. */
final readonly class PlanExport
{
    public function __construct(private Workspace $workspace, private UnnamedParts $unnamed, private WrittenWork $work)
    {
    }

    /**
     * Everything that all may see; with a person, also what only they may see.
     *
     * @return array<string, mixed> ready to be written as JSON
     */
    public function of(?Person $viewer = null): array
    {
        $goals = ($viewer === null ? Goal::query()->openToAll() : Goal::query()->visibleTo($viewer))
            ->with(['checkpoints', 'readings', 'viewers.group.memberships', 'parent.viewers.group.memberships'])
            ->select('goals.*')
            ->selectRaw(CoreRecords::CARRIES)
            ->orderBy('id')
            ->get();
        $shown = $goals->modelKeys();
        $unnamed = $this->unnamed->beside($goals, $viewer);

        return [
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'workspace' => $this->workspace(),
            'people' => self::people(),
            'areas' => Written::each(
                Area::query()->orderBy('id')->get(),
                static fn(Area $area): array => ['id' => Written::id('a', $area->id), 'name' => $area->name],
            ),
            'goals' => [...Written::each($goals, fn(Goal $goal): array => $this->goal($goal, $shown)), ...array_column($unnamed, 'goal')],
            'readings' => [
                ...self::readings($goals),
                ...array_merge(...array_column($unnamed, 'readings')),
            ],
            'projects' => Written::each(
                ($viewer === null ? Project::query()->openToAll() : Project::query()->visibleTo($viewer))
                    ->with(['stages', 'contributions'])
                    ->orderBy('id')
                    ->get(),
                fn(Project $project): array => $this->work->project($project, $shown),
            ),
            'recurring' => Written::each(
                ($viewer === null ? RecurringTask::query()->openToAll() : RecurringTask::query()->visibleTo($viewer))
                    ->where('is_shared', false)
                    ->with('contributions')
                    ->orderBy('id')
                    ->get(),
                fn(RecurringTask $recurringTask): array => $this->work->recurringTask($recurringTask, $shown),
            ),
            'tasks' => Written::each(
                ($viewer === null ? Task::query()->openToAll() : Task::query()->visibleTo($viewer))
                    ->with(['stage', 'steps', 'dependencies', 'stays'])
                    ->orderBy('id')
                    ->get(),
                fn(Task $task): array => $this->work->task($task, $shown),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function workspace(): array
    {
        return [
            'name' => $this->workspace->name,
            'timezone' => $this->workspace->timezone,
            'week_starts_on' => $this->workspace->week_starts_on,
            'year_starts_in' => $this->workspace->year_starts_in,
            'working_days' => $this->workspace->working_days,
            'holidays' => $this->workspace->holidays,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function people(): array
    {
        return Written::each(
            Person::query()->orderBy('id')->get(),
            static fn(Person $person): array => [
                'id' => Written::id('p', $person->id),
                'name' => $person->name,
                'weekly_hours' => $person->weekly_hours,
            ],
        );
    }

    /**
     * @param Collection<int, Goal> $goals
     *
     * @return list<array<string, mixed>>
     */
    private static function readings(Collection $goals): array
    {
        return Written::each(
            $goals->flatMap(static fn(Goal $goal) => $goal->readings->sortBy('id')),
            static fn(Reading $reading): array => [
                'goal' => Written::id('g', $reading->goal_id),
                'on' => $reading->on,
                'value' => Written::number($reading->value),
            ],
        );
    }

    /**
     * @param array<mixed> $shown ids of the goals that are written
     *
     * @return array<string, mixed>
     */
    private function goal(Goal $goal, array $shown): array
    {
        return array_filter(
            [
                'id' => Written::id('g', $goal->id),
                'title' => $goal->title,
                'scope' => $goal->scope,
                'horizon' => $goal->horizon,
                'period' => $goal->period,
                'parent' => $this->unnamed->counts($goal) ? Written::id('g', $goal->parent_id) : null,
                'weight' => Written::number($goal->weight),
                'owner' => Written::id('p', $goal->owner_id),
                'area' => Written::id('a', $goal->area_id),
                'measure' => $this->measure($goal),
                'checkpoints' => Written::each(
                    $goal->checkpoints,
                    static fn(Checkpoint $point): array => ['on' => $point->on, 'fraction' => Written::number($point->fraction)],
                ),
                'created_on' => $goal->created_on,
                'carries' => in_array($goal->getAttribute('carries'), $shown, true) ? Written::id('g', $goal->predecessor_id) : null,
                'closed_on' => $goal->closed_on,
                'result' => $goal->result,
                'score' => Written::number($goal->score),
            ],
            Written::isSaid(...),
        );
    }

    /** @return array<string, mixed> */
    private function measure(Goal $goal): array
    {
        return [
            'kind' => $goal->measure,
            ...match ($goal->measure) {
                MeasureKind::Work => ['tasks_weight' => Written::number($goal->tasks_weight)],
                MeasureKind::Number => ['start' => Written::number($goal->start_value), 'target' => Written::number($goal->target_value)],
                MeasureKind::Keep => [
                    'limit' => Written::number($goal->limit_value),
                    'sense' => $goal->sense,
                    'share' => Written::number($goal->share),
                ],
                MeasureKind::Count => ['target' => Written::number($goal->target_value)],
                MeasureKind::YesNo, MeasureKind::Judged => [],
            },
        ];
    }
}
