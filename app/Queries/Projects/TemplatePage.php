<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Template;
use App\Models\TemplateDependency;
use App\Models\TemplateMilestone;
use App\Models\TemplateStep;
use App\Models\TemplateTask;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Projects\Answers\MadeProject;
use App\Queries\Projects\Answers\TemplateChangeRow;
use App\Queries\Projects\Answers\TemplateMilestoneValues;
use App\Queries\Projects\Answers\TemplateRow;
use App\Queries\Projects\Answers\Templates;
use App\Queries\Projects\Answers\TemplateStepValues;
use App\Queries\Projects\Answers\TemplateTaskValues;
use App\Queries\Projects\Answers\TemplateValues;
use App\Queries\Projects\Answers\TemplateView;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Template\Change;
use Loftrin\Core\Work\Weighing;

/** The templates, and one of them with the projects that were made from it. */
final readonly class TemplatePage
{
    public function __construct(private Choices $choices)
    {
    }

    public function all(Person $viewer): Templates
    {
        $running = static fn($projects) => $projects->visibleTo($viewer)->whereIn('state', ProjectState::OPEN);
        $templates = Template::query()
            ->with([...Template::PIECES, 'projects' => $running])
            ->orderBy('title')
            ->get();

        return new Templates(
            array_values(
                $templates
                    ->map(
                        static fn(Template $template): TemplateRow => new TemplateRow(
                            id: $template->id,
                            title: $template->title,
                            tasks: $template->tasks->count(),
                            minutes: $template->tasks->sum(static fn(TemplateTask $task): int => $task->minutes ?? 0),
                            days: $template->days,
                            running: $template->projects->count(),
                            behind: $template->projects
                                ->filter(static fn(Project $project): bool => self::pending($project, $template) > 0)
                                ->count(),
                        ),
                    )
                    ->all(),
            ),
        );
    }

    public function blank(): TemplateView
    {
        return new TemplateView(
            new TemplateValues(
                id: null,
                title: '',
                outcome: '',
                area: null,
                weighing: Weighing::Count,
                order: StageOrder::Any,
                days: '',
                stages: [],
                tasks: [],
                milestones: [],
                lastIsDone: false,
            ),
            $this->choices->areas(),
            [],
        );
    }

    public function of(Template $template, Person $viewer): TemplateView
    {
        $template->load([
            'stages',
            'milestones',
            ...Template::PIECES,
            'projects' => static fn($projects) => $projects->visibleTo($viewer)->whereIn('state', ProjectState::OPEN)->with('owner'),
        ]);
        $tasks = Task::query()
            ->whereIn('project_id', $template->projects->modelKeys())
            ->whereNotNull('template_task_id')
            ->withCount(['comments', 'files', 'references'])
            ->with('steps')
            ->get()
            ->groupBy('project_id')
            ->map(static fn($of) => $of->keyBy('template_task_id'));
        $titles = $template->tasks->pluck('title', 'id')->all();
        $made = $template->projects
            ->map(
                static fn(Project $project): MadeProject => new MadeProject(
                    $project->id,
                    $project->title,
                    PersonTag::of($project->owner),
                    Gate::forUser($viewer)->allows('update', $project),
                    array_map(
                        static function (Change $change) use ($tasks, $project, $titles): TemplateChangeRow {
                            $task = $tasks->get($project->id)?->get($change->id);

                            return new TemplateChangeRow(
                                id: $change->id,
                                title: $change->is->title ?? ($change->was->title ?? ''),
                                words: ChangeWords::of($change, $titles),
                                isOver: $task?->done_on !== null,
                                isLeft: $change->isLeft,
                                begun: $task === null || ! $change->isGone() ? null : ChangeWords::begun($task),
                            );
                        },
                        $project->templateChanges($template),
                    ),
                ),
            )
            ->all();
        $pending = static fn(MadeProject $project): int => count(
            array_filter($project->changes, static fn(TemplateChangeRow $change): bool => ! $change->isLeft),
        );
        usort($made, static fn(MadeProject $a, MadeProject $b): int => $pending($b) <=> $pending($a));

        return new TemplateView(
            new TemplateValues(
                id: $template->id,
                title: $template->title,
                outcome: $template->outcome ?? '',
                area: $template->area_id,
                weighing: $template->weighing,
                order: $template->order,
                days: (string) $template->days,
                stages: array_values($template->stages->map(static fn($stage): string => $stage->name)->all()),
                tasks: array_values(
                    $template->tasks
                        ->map(
                            static fn(TemplateTask $task): TemplateTaskValues => new TemplateTaskValues(
                                id: $task->id,
                                title: $task->title,
                                stage: $task->stage->name ?? '',
                                role: $task->role ?? '',
                                day: (string) $task->day,
                                minutes: (string) $task->minutes,
                                steps: array_values(
                                    $task->steps
                                        ->map(
                                            static fn(TemplateStep $step): TemplateStepValues => new TemplateStepValues(
                                                $step->id,
                                                $step->title,
                                                $step->how_to ?? '',
                                            ),
                                        )
                                        ->all(),
                                ),
                                key: (string) $task->id,
                                after: array_values(
                                    $task->dependencies
                                        ->map(static fn(TemplateDependency $link): string => (string) $link->after_id)
                                        ->all(),
                                ),
                            ),
                        )
                        ->all(),
                ),
                milestones: array_values(
                    $template->milestones
                        ->map(
                            static fn(TemplateMilestone $milestone): TemplateMilestoneValues => new TemplateMilestoneValues(
                                $milestone->id,
                                $milestone->title,
                                (string) $milestone->day,
                            ),
                        )
                        ->all(),
                ),
                lastIsDone: $template->last_is_done,
            ),
            $this->choices->areas(),
            $made,
        );
    }

    /** How many changes of the template the project was not asked about yet. What {@see Template::PIECES} names is loaded. */
    public static function pending(Project $project, Template $template): int
    {
        return count(array_filter($project->templateChanges($template), static fn(Change $change): bool => ! $change->isLeft));
    }
}
