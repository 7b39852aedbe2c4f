<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Actions\Parts\SeenWork;
use App\Actions\Week\PlannedTime;
use App\Models\Person;
use App\Models\Project;
use App\Models\Stage;
use App\Models\Step;
use App\Models\Task;
use App\Models\Template;
use App\Models\TemplateStep;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Template\Change;
use Loftrin\Core\Work\Template\Piece;

/** Brings what changed in a template into a project that was made from it, as far as its people take it. */
final readonly class TakeTemplate
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private LinkPieces $link)
    {
    }

    /**
     * Takes some of the differences and leaves the others, which are not asked about again, but can be taken later. What is done stays
     * as it was done.
     *
     * @param list<int> $taken ids of tasks of the template
     *
     * @throws RefusedChange when the project was not made from a template that is still there
     */
    public function __invoke(Person $who, Project $project, array $taken): void
    {
        $template =
            $project->load(array_map(static fn(string $of): string => "template.$of", Template::PIECES))->template ??
            throw new RefusedChange('template', 'The template no longer exists');
        $changes = $project->templateChanges($template);
        $isKept = array_intersect($taken, array_column($changes, 'id')) === [];
        $words = $isKept ? 'Kept “%s” as it is' : 'Updated “%s” from its template';

        $this->log->change($who, sprintf($words, $project->title), function () use ($project, $template, $changes, $taken): void {
            $done = $project->tasks()->whereNotNull('done_on')->whereNotNull('template_task_id')->pluck('template_task_id')->flip();
            $isSettled = static fn(Change $change): bool => in_array($change->id, $taken, true) || $done->has($change->id);

            foreach ($changes as $change) {
                if (in_array($change->id, $taken, true)) {
                    $this->take($project, $change);
                }
            }

            ($this->link)($project, array_values(array_filter(array_map(
                static fn(Change $change): ?Piece => $isSettled($change) ? $change->is : null,
                $changes,
            ))));
            $this->remember($project, $template, array_values(array_filter(
                $changes,
                static fn(Change $change): bool => ! $isSettled($change),
            )));
        });
    }

    /** Adds a task of a template to a project, with its owner, its date and its steps. */
    public function add(Project $project, Piece $piece): void
    {
        $due = $this->due($project, $piece);
        $task = Task::query()->create([
            'title' => $piece->title,
            'project_id' => $project->id,
            'stage_id' => $this->stage($project, $piece),
            'position' => Task::placeAtEnd($project->id),
            'owner_id' => $this->owner($project, $piece),
            'visibility' => $project->visibilityOfTasks(),
            'created_on' => $this->workspace->today(),
            'due_on' => $due,
            'minutes' => $piece->minutes,
            'template_task_id' => $piece->id,
            'carried' => 0,
            ...PlannedTime::columns($this->workspace->calendar(), $due === null ? null : $this->workspace->calendar()->weekOf($due)->name),
        ]);
        $this->addSteps($task, $piece->steps);
    }

    /**
     * What was taken counts as the template says it; what was left, as it was taken before.
     *
     * @param list<Change> $left
     */
    private function remember(Project $project, Template $template, array $left): void
    {
        $kept = static fn(?Piece $piece): ?array => $piece?->kept();
        $is = array_column(array_map(static fn(Piece $piece): array => $piece->kept(), $template->pieces()), null, 'id');
        $leftIds = array_column($left, 'id');
        $was = array_column(array_map(static fn(Change $change): array => [$change->id, $kept($change->was)], $left), 1, 0);

        $project->update([
            'template_taken' => array_values(array_filter(array_replace(array_diff_key($is, array_flip($leftIds)), $was))),
            'template_left' => array_column(array_map(static fn(Change $change): array => [$change->id, $kept($change->is)], $left), 1, 0),
        ]);
    }

    private function take(Project $project, Change $change): void
    {
        $task = Task::query()->where('project_id', $project->id)->where('template_task_id', $change->id)->first();

        if ($change->is === null) {
            if ($task?->done_on === null) {
                $task?->update(['dropped_on' => $this->workspace->today()]);
            }

            return;
        }

        if ($task === null) {
            $this->add($project, $change->is);

            return;
        }

        if ($task->done_on !== null) {
            return;
        }

        $task->update($this->columns($project, $change->is, $change->fields));
        $this->addSteps($task, $change->stepsAdded());
        $task
            ->steps()
            ->whereNull('done_on')
            ->whereIn('title', $change->stepsRemoved())
            ->get()
            ->each(static fn(Step $step): ?bool => $step->delete());
    }

    /**
     * @param list<string> $fields
     *
     * @return array<string, mixed>
     */
    private function columns(Project $project, Piece $piece, array $fields): array
    {
        return array_intersect_key(
            [
                'title' => $piece->title,
                'stage_id' => $this->stage($project, $piece),
                'owner_id' => $this->owner($project, $piece),
                'due_on' => $this->due($project, $piece),
                'minutes' => $piece->minutes,
            ],
            array_flip(
                array_map(
                    static fn(string $field): string => match ($field) {
                        'stage' => 'stage_id',
                        'role' => 'owner_id',
                        'day' => 'due_on',
                        default => $field,
                    },
                    $fields,
                ),
            ),
        );
    }

    /** @param list<string> $titles */
    private function addSteps(Task $task, array $titles): void
    {
        $known =
            $titles === [] ? collect() : TemplateStep::query()->where('template_task_id', $task->template_task_id)->get()->keyBy('title');
        $position = $task->steps()->count();

        foreach ($titles as $title) {
            Step::query()->create([
                'task_id' => $task->id,
                'position' => ++$position,
                'title' => $title,
                'template_step_id' => $known->get($title)?->id,
            ]);
        }
    }

    private function owner(Project $project, Piece $piece): int
    {
        $owner = $project->template_roles[$piece->role ?? ''] ?? $project->owner_id;
        SeenWork::admit($project, $owner, 'template');

        return $owner;
    }

    /** The day counted from the start of the project; the next working day where it is none. */
    private function due(Project $project, Piece $piece): ?Day
    {
        return $piece->day === null || $project->starts_on === null
            ? null
            : $this->workspace->calendar()->workingDayFrom($project->starts_on->plus($piece->day));
    }

    /** The stage of that name, made where the project has none. */
    private function stage(Project $project, Piece $piece): ?int
    {
        if ($piece->stage === null) {
            return null;
        }

        $there = $project->loadMissing('stages')->stages;
        $stage = $there->firstWhere('name', $piece->stage);

        if ($stage === null) {
            $stage = Stage::query()->create(['project_id' => $project->id, 'name' => $piece->stage, 'position' => $there->count()]);
            $there->push($stage);
        }

        return $stage->id;
    }
}
