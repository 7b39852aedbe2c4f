<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Actions\Week\AddTask;
use App\Actions\Week\TaskDraft;
use App\Models\Milestone;
use App\Models\Person;
use App\Models\PlanLine;
use App\Models\Project;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\ProjectState;

/** What a project is for, how it stands in words, its milestones, and the lines of its plan. */
final readonly class ChangeCharter
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private AddTask $addTask,
        private SetProjectState $state,
    ) {
    }

    /** @param array<string, ?string> $charter its parts and the notes, by column, in Markdown */
    public function write(Person $who, Project $project, array $charter): void
    {
        $this->log->change($who, "Changed the charter of “{$project->title}”", static fn() => $project->update($charter));
    }

    public function status(Person $who, Project $project, ?string $line): void
    {
        $this->log->change(
            $who,
            "Updated the status of “{$project->title}”",
            fn() => $project->update([
                'status_line' => $line,
                'status_on' => $line === null ? null : $this->workspace->today(),
            ]),
        );
    }

    /** Closes a project as done, with what was learned. */
    public function close(Person $who, Project $project, ?string $learned): void
    {
        $this->log->change($who, "Closed “{$project->title}”", function () use ($who, $project, $learned): void {
            $project->update(['learned' => $learned]);
            ($this->state)($who, $project, ProjectState::Done);
        });
    }

    public function milestone(Person $who, Project $project, string $title, Day $on, ?Milestone $milestone = null): void
    {
        $this->log->change($who, ($milestone === null ? 'Set' : 'Changed')." the milestone “{$title}”", static function () use (
            $project,
            $title,
            $on,
            $milestone,
        ): void {
            ($milestone ?? new Milestone(['project_id' => $project->id]))->fill(['title' => $title, 'on' => $on])->save();
        });
    }

    public function reach(Person $who, Milestone $milestone, bool $isReached): void
    {
        $this->log->change(
            $who,
            ($isReached ? 'Reached' : 'Not reached yet:')." “{$milestone->title}”",
            fn() => $milestone->update([
                'reached_on' => $isReached ? $this->workspace->today() : null,
            ]),
        );
    }

    public function remove(Person $who, Milestone|PlanLine $part): void
    {
        $this->log->change($who, "Deleted “{$part->title}”", static fn() => $part->delete());
    }

    /** @param list<string> $titles */
    public function lines(Person $who, Project $project, array $titles): void
    {
        $words = count($titles) === 1 ? "Planned “{$titles[0]}”" : 'Planned '.count($titles).' lines';

        $this->log->change($who, $words, static function () use ($project, $titles): void {
            foreach ($titles as $title) {
                PlanLine::query()->create(['project_id' => $project->id, 'title' => $title]);
            }
        });
    }

    /** @throws RefusedChange when it is a task already */
    public function promote(Person $who, PlanLine $line): void
    {
        if ($line->task_id !== null) {
            throw new RefusedChange('line', 'This is already a task.');
        }

        $this->log->change($who, "Made a task of “{$line->title}”", function () use ($who, $line): void {
            $line->update(['task_id' => ($this->addTask)($who, new TaskDraft($line->title, project: $line->project_id))->id]);
        });
    }
}
