<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use App\Queries\Plan\Threads;
use App\Queries\Projects\Answers\MilestoneRow;
use App\Queries\Projects\Answers\RegisterRow;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Goals\Forecast;

/** Projects as lines of the register, with what comes next in each. */
final readonly class RegisterRows
{
    public function __construct(private Workspace $workspace, private Choices $choices)
    {
    }

    /**
     * @param array<int, ListedProject> $projects by id
     * @param CountedWork $work theirs
     * @param array<int, ?Forecast> $forecasts by project, where they are shown
     *
     * @return array<int, RegisterRow> by id, in the order given
     */
    public function of(array $projects, CountedWork $work, Threads $threads, array $forecasts = []): array
    {
        $rows = [];
        $milestones = $this->milestones(array_keys($projects));
        $facts = array_filter(array_map(static fn(ListedProject $project): ?ProjectFacts => $work->of($project->id), $projects));
        $next = $this->nextSteps($facts, $threads);

        foreach ($facts as $id => $of) {
            $project = $projects[$id];
            $rows[$id] = new RegisterRow(
                id: $id,
                title: $project->title,
                owner: PersonTag::of($project->owner),
                state: $project->state,
                stateOn: $project->stateOn,
                dueOn: $project->dueOn,
                cord: $threads->ofProject($id),
                gauge: Gauge::ofProject($id, $of->progress, $of->figure, $this->workspace->today(), $forecasts[$id] ?? null),
                open: $of->open,
                tasks: $of->tasks,
                statusLine: $project->statusLine,
                statusOn: $project->statusOn,
                condition: $of->condition,
                nextStep: $next[$of->next ?? 0] ?? null,
                milestone: $milestones[$id] ?? null,
                changedOn: $project->changedOn,
                collections: $project->collections,
                entries: $this->entries($project),
                isPrivate: $project->isHidden,
            );
        }

        return $rows;
    }

    /**
     * @param array<int, ProjectFacts> $facts
     *
     * @return array<int, TaskRow> by task
     */
    private function nextSteps(array $facts, Threads $threads): array
    {
        $ids = array_filter(array_map(static fn(ProjectFacts $of): ?int => $of->next, $facts), is_int(...));
        $rows = TaskRow::all(Task::query()->whereIntegerInRaw('id', $ids), $threads, $this->workspace);

        return array_column($rows, null, 'id');
    }

    /**
     * @param list<int> $projects
     *
     * @return array<int, MilestoneRow> the next one to reach, by project
     */
    private function milestones(array $projects): array
    {
        $today = $this->workspace->today();

        return DB::table('milestones')
            ->whereIntegerInRaw('project_id', $projects)
            ->whereNull('reached_on')
            ->orderByDesc('on')
            ->orderByDesc('id')
            ->get()
            ->keyBy('project_id')
            ->map(static fn(object $row): MilestoneRow => MilestoneRow::ofRow($row, $today))
            ->all();
    }

    /** @return list<string> "Customer: Ostend" */
    private function entries(ListedProject $project): array
    {
        $entries = [];

        foreach ($this->choices->fields() as $field) {
            $entry = $project->entries[(int) $field->value] ?? null;
            $entries = $entry === null ? $entries : [...$entries, "$field->label: $entry"];
        }

        return $entries;
    }
}
