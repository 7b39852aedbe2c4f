<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Template;
use App\Models\TemplateTask;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Projects\Answers\MadeProject;
use App\Queries\Projects\Answers\TemplateChangeRow;
use App\Queries\Projects\Answers\TemplateRow;
use App\Queries\Projects\Answers\Templates;
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
        $made = $this->made($template, $viewer);
        $pending = static fn(MadeProject $project): int => count(
            array_filter($project->changes, static fn(TemplateChangeRow $change): bool => ! $change->isLeft),
        );
        usort($made, static fn(MadeProject $a, MadeProject $b): int => $pending($b) <=> $pending($a));

        return new TemplateView(TemplateValues::of($template), $this->choices->areas(), $made);
    }

    /**
     * The open projects that were made from it, each with what has changed in the template since.
     *
     * @return list<MadeProject>
     */
    private function made(Template $template, Person $viewer): array
    {
        $tasks = Task::query()
            ->whereIn('project_id', $template->projects->modelKeys())
            ->whereNotNull('template_task_id')
            ->withCount(['comments', 'files', 'references'])
            ->with('steps')
            ->get()
            ->groupBy('project_id')
            ->map(static fn($of) => $of->keyBy('template_task_id'));
        $titles = $template->tasks->pluck('title', 'id')->all();

        return array_values(
            $template->projects
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
                ->all(),
        );
    }

    /** How many changes of the template the project was not asked about yet. What {@see Template::PIECES} names is loaded. */
    public static function pending(Project $project, Template $template): int
    {
        return count(array_filter($project->templateChanges($template), static fn(Change $change): bool => ! $change->isLeft));
    }
}
