<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Project;
use App\Models\Relations\CanStart;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\StoredTallies;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Work\Project as CoreProject;
use Loftrin\Core\Work\ProjectCondition;
use Loftrin\Core\Work\ProjectState;
use stdClass;

/** Counts the work of many projects in the database: kept until anything is changed. */
final readonly class WorkCounts
{
    public function __construct(private Workspace $workspace, private Remembered $remembered)
    {
    }

    /** @param list<int> $projects ids */
    public function of(array $projects): CountedWork
    {
        return new CountedWork(
            $this->remembered->of(
                Question::ofAll('work of projects', ...$projects),
                fn(): array => $this->facts(Project::query()->whereIntegerInRaw('projects.id', $projects)),
            ),
        );
    }

    /** All that are active and that the person may see. */
    public function ofActive(Person $viewer): CountedWork
    {
        $facts = $this->remembered->of(
            Question::ofAll('work of active projects'),
            fn(): array => $this->facts(Project::query()->where('projects.state', ProjectState::Active)),
        );
        $unseen = $this->remembered->of(
            Question::by($viewer, 'active projects not seen'),
            static fn(): array => Project::query()
                ->hidden()
                ->where('state', ProjectState::Active)
                ->whereNotIn('id', Project::query()->hidden()->visibleTo($viewer)->select('id'))
                ->pluck('id')
                ->all(),
        );

        return new CountedWork(array_diff_key($facts, array_flip($unseen)));
    }

    /**
     * @param Builder<Project> $projects
     *
     * @return array<int, ProjectFacts> by project
     */
    private function facts(Builder $projects): array
    {
        $today = $this->workspace->today();
        $rows = $this->rows($projects);
        $cores = array_map(static fn(stdClass $row): CoreProject => CoreRecords::projectOf($row, [], []), $rows);
        $tallies = new StoredTallies(array_map(static fn(CoreProject $project) => $project->weighing, $cores), [], []);
        $tallies->prepare([$today]);
        $rollup = new Rollup(new Plan($this->workspace->calendar(), [], $cores), $tallies);

        return array_map(static function (stdClass $row) use ($cores, $tallies, $rollup, $today): ProjectFacts {
            $core = $cores[(int) $row->id];
            $tasks = $tallies->ofProject($core->id, $today)->tasks;

            return new ProjectFacts(
                owner: (int) $row->owner_id,
                progress: $rollup->projectProgress($core, $today),
                figure: $rollup->projectFigure($core, $today),
                tasks: $tasks,
                open: (int) $row->open,
                condition: ProjectCondition::of($core, $tasks, (int) $row->open, (bool) $row->could_start, $today),
                next: $row->next_id === null ? null : (int) $row->next_id,
            );
        }, $rows);
    }

    /**
     * @param Builder<Project> $projects
     *
     * @return array<int, stdClass> by id
     */
    private function rows(Builder $projects): array
    {
        $canStart = new CanStart($this->workspace->today());
        $open = DB::table('tasks')
            ->whereIn('project_id', (clone $projects)->select('id'))
            ->whereRaw($canStart->isOpen())
            ->groupBy('project_id')
            ->selectRaw('project_id, count(*) as open');

        return $projects
            ->select(array_map(static fn(string $column): string => "projects.$column", [...CoreRecords::PROJECT, 'owner_id']))
            ->addSelect([
                'next_id' => Task::query()
                    ->canStart($this->workspace->today())
                    ->whereColumn('project_id', 'projects.id')
                    ->orderBy('position')
                    ->orderBy('id')
                    ->limit(1)
                    ->select('id'),
            ])
            ->leftJoinSub($open, 'counted', 'counted.project_id', '=', 'projects.id')
            ->addSelect('counted.open')
            // Where there is one, the others are not looked at.
            ->selectRaw("exists (select 1 from tasks where tasks.project_id = projects.id and {$canStart->butForWaiting()}) as could_start")
            ->toBase()
            ->get()
            ->keyBy('id')
            ->all();
    }
}
