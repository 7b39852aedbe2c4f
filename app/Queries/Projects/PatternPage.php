<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Pattern;
use App\Models\PatternStep;
use App\Models\PatternTask;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Projects\Answers\MadeProject;
use App\Queries\Projects\Answers\PatternChangeRow;
use App\Queries\Projects\Answers\PatternRow;
use App\Queries\Projects\Answers\Patterns;
use App\Queries\Projects\Answers\PatternStepValues;
use App\Queries\Projects\Answers\PatternTaskValues;
use App\Queries\Projects\Answers\PatternValues;
use App\Queries\Projects\Answers\PatternView;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Work\Pattern\Change;
use Loftrin\Core\Work\Pattern\Piece;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/** The patterns, and one of them with the projects that were made from it. */
final readonly class PatternPage
{
    public function __construct(private Choices $choices)
    {
    }

    public function all(): Patterns
    {
        $patterns = Pattern::query()
            ->with(['tasks.stage', 'tasks.steps', 'projects' => static fn($projects) => $projects->whereIn('state', ProjectState::OPEN)])
            ->orderBy('title')
            ->get();

        return new Patterns(
            array_values(
                $patterns
                    ->map(
                        static fn(Pattern $pattern): PatternRow => new PatternRow(
                            id: $pattern->id,
                            title: $pattern->title,
                            tasks: $pattern->tasks->count(),
                            minutes: $pattern->tasks->sum(static fn(PatternTask $task): int => $task->minutes ?? 0),
                            days: $pattern->days,
                            running: $pattern->projects->count(),
                            behind: $pattern->projects
                                ->filter(static fn(Project $project): bool => self::changes($project, $pattern) !== [])
                                ->count(),
                        ),
                    )
                    ->all(),
            ),
        );
    }

    public function blank(): PatternView
    {
        return new PatternView(
            new PatternValues(
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

    public function of(Pattern $pattern, Person $viewer): PatternView
    {
        $pattern->load([
            'stages',
            'tasks.stage',
            'tasks.steps',
            'projects' => static fn($projects) => $projects->whereIn('state', ProjectState::OPEN)->with('owner'),
        ]);
        $done = Task::query()
            ->whereIn('project_id', $pattern->projects->modelKeys())
            ->whereNotNull('done_on')
            ->whereNotNull('pattern_task_id')
            ->get(['id', 'project_id', 'pattern_task_id'])
            ->groupBy('project_id')
            ->map(static fn($tasks) => $tasks->pluck('pattern_task_id')->flip());
        $made = $pattern->projects
            ->map(
                static fn(Project $project): MadeProject => new MadeProject(
                    $project->id,
                    $project->title,
                    PersonTag::of($project->owner),
                    Gate::forUser($viewer)->allows('update', $project),
                    array_map(
                        static fn(Change $change): PatternChangeRow => new PatternChangeRow(
                            $change->id,
                            $change->is->title ?? ($change->was->title ?? ''),
                            self::words($change),
                            $done->get($project->id)?->has($change->id) === true,
                        ),
                        self::changes($project, $pattern),
                    ),
                ),
            )
            ->all();
        usort($made, static fn(MadeProject $a, MadeProject $b): int => ($b->changes !== []) <=> ($a->changes !== []));

        return new PatternView(
            new PatternValues(
                id: $pattern->id,
                title: $pattern->title,
                outcome: $pattern->outcome ?? '',
                area: $pattern->area_id,
                weighing: $pattern->weighing,
                order: $pattern->order,
                days: (string) $pattern->days,
                stages: array_values($pattern->stages->map(static fn($stage): string => $stage->name)->all()),
                tasks: array_values(
                    $pattern->tasks
                        ->map(
                            static fn(PatternTask $task): PatternTaskValues => new PatternTaskValues(
                                id: $task->id,
                                title: $task->title,
                                stage: $task->stage->name ?? '',
                                role: $task->role ?? '',
                                day: (string) $task->day,
                                minutes: (string) $task->minutes,
                                steps: array_values(
                                    $task->steps
                                        ->map(
                                            static fn(PatternStep $step): PatternStepValues => new PatternStepValues(
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

    /** @return list<Change> what the project has not taken yet; tasks of the pattern with stage and steps are loaded */
    public static function changes(Project $project, Pattern $pattern): array
    {
        return Change::between(array_map(Piece::of(...), $project->pattern_taken ?? []), $pattern->pieces());
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
