<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Template;
use App\Models\TemplateStep;
use App\Models\TemplateTask;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Projects\Answers\MadeProject;
use App\Queries\Projects\Answers\TemplateChangeRow;
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
use Loftrin\Core\Work\Template\Piece;
use Loftrin\Core\Work\Weighing;

/** The templates, and one of them with the projects that were made from it. */
final readonly class TemplatePage
{
    public function __construct(private Choices $choices)
    {
    }

    public function all(): Templates
    {
        $templates = Template::query()
            ->with(['tasks.stage', 'tasks.steps', 'projects' => static fn($projects) => $projects->whereIn('state', ProjectState::OPEN)])
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
                                ->filter(static fn(Project $project): bool => self::changes($project, $template) !== [])
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
            ),
            $this->choices->areas(),
            [],
        );
    }

    public function of(Template $template, Person $viewer): TemplateView
    {
        $template->load([
            'stages',
            'tasks.stage',
            'tasks.steps',
            'projects' => static fn($projects) => $projects->whereIn('state', ProjectState::OPEN)->with('owner'),
        ]);
        $done = Task::query()
            ->whereIn('project_id', $template->projects->modelKeys())
            ->whereNotNull('done_on')
            ->whereNotNull('template_task_id')
            ->get(['id', 'project_id', 'template_task_id'])
            ->groupBy('project_id')
            ->map(static fn($tasks) => $tasks->pluck('template_task_id')->flip());
        $made = $template->projects
            ->map(
                static fn(Project $project): MadeProject => new MadeProject(
                    $project->id,
                    $project->title,
                    PersonTag::of($project->owner),
                    Gate::forUser($viewer)->allows('update', $project),
                    array_map(
                        static fn(Change $change): TemplateChangeRow => new TemplateChangeRow(
                            $change->id,
                            $change->is->title ?? ($change->was->title ?? ''),
                            self::words($change),
                            $done->get($project->id)?->has($change->id) === true,
                        ),
                        self::changes($project, $template),
                    ),
                ),
            )
            ->all();
        usort($made, static fn(MadeProject $a, MadeProject $b): int => ($b->changes !== []) <=> ($a->changes !== []));

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
                            ),
                        )
                        ->all(),
                ),
            ),
            $this->choices->areas(),
            $made,
        );
    }

    /** @return list<Change> what the project has not taken yet; tasks of the template with stage and steps are loaded */
    public static function changes(Project $project, Template $template): array
    {
        return Change::between(array_map(Piece::of(...), $project->template_taken ?? []), $template->pieces());
    }

    private static function words(Change $change): string
    {
        if ($change->isNew() || $change->isGone()) {
            return $change->isNew() ? 'new' : 'gone';
        }

        return implode(
            ', ',
            array_map(
                static fn(string $field): string => match ($field) {
                    'title' => "was “{$change->was?->title}”",
                    'stage' => 'stage '.($change->was->stage ?? 'none').' → '.($change->is->stage ?? 'none'),
                    'role' => 'by '.($change->was->role ?? 'the owner').' → '.($change->is->role ?? 'the owner'),
                    'day' => 'day '.($change->was->day ?? '–').' → '.($change->is->day ?? '–'),
                    'minutes' => ($change->was->minutes ?? '–').' → '.($change->is->minutes ?? '–').' min',
                    default => self::stepWords($change),
                },
                $change->fields,
            ),
        );
    }

    private static function stepWords(Change $change): string
    {
        $words = [
            ...array_map(static fn(string $title): string => "+ {$title}", $change->stepsAdded()),
            ...array_map(static fn(string $title): string => "− {$title}", $change->stepsRemoved()),
        ];

        return $words === [] ? 'steps in another order' : implode(', ', $words);
    }
}
