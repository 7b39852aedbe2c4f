<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Goals\Threads;
use App\Queries\Parts\Gauge;
use App\Queries\Parts\PersonTag;
use App\Queries\Parts\TaskRow;
use Loftrin\Core\Work\ProjectState;

/** All projects: what is stuck, behind or without a next step comes first. */
final readonly class RegisterPage
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans)
    {
    }

    public function of(Person $viewer): Register
    {
        $projects = Project::query()->with('owner')->orderBy('id')->get();
        $work = CountedWork::of($this->workspace, $projects);
        $threads = new Threads($this->plans->ofYear($this->workspace->calendar()->yearOf($this->workspace->today()), $viewer));
        $rows = array_values($projects->map(fn(Project $project): RegisterRow => $this->row($project, $work, $threads))->all());
        usort($rows, static fn(RegisterRow $a, RegisterRow $b): int => self::place($a) <=> self::place($b));

        return new Register($rows);
    }

    public function row(Project $project, ProjectWork $work, Threads $threads): RegisterRow
    {
        $next = $work->next($project);

        return new RegisterRow(
            $project->id,
            $project->title,
            PersonTag::of($project->owner),
            $project->state,
            $project->state_on,
            $project->due_on,
            $threads->ofProject($project),
            Gauge::ofProject($project, $work->progress($project), $work->figure($project), $this->workspace->today()),
            $work->open($project),
            $work->tasks($project),
            $project->status_line,
            $project->status_on,
            $work->isStuck($project),
            $work->isReady($project),
            $next === null ? null : TaskRow::of($next, $threads, $this->workspace),
        );
    }

    /** @return array{int, int, float, int} by state; what needs something first; then by gap */
    private static function place(RegisterRow $row): array
    {
        return [
            match ($row->state) {
                ProjectState::Active => 0,
                ProjectState::Paused => 1,
                ProjectState::Proposed => 2,
                ProjectState::Shelved => 3,
                ProjectState::Done => 4,
                ProjectState::Dropped => 5,
            },
            $row->isStuck ? 0 : ($row->isReady ? 1 : 2),
            $row->gauge->expected === null ? 0.0 : ($row->gauge->progress ?? 0.0) - $row->gauge->expected,
            $row->id,
        ];
    }
}
