<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Models\Pattern;
use App\Models\PatternStage;
use App\Models\PatternStep;
use App\Models\PatternTask;
use App\Models\Person;
use App\Models\Project;
use App\Models\Step;
use App\Models\Task;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Makes a pattern, from nothing or from a project, or changes one. The projects made from it are asked afterwards. */
final readonly class SavePattern
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @throws RefusedChange when another pattern has the title, or a task names a stage that there is not */
    public function __invoke(Person $who, PatternDraft $draft, ?Pattern $pattern = null): Pattern
    {
        if (
            Pattern::query()
                ->where('title', $draft->title)
                ->when($pattern !== null, static fn($query) => $query->whereKeyNot($pattern?->id))
                ->exists()
        ) {
            throw new RefusedChange('title', 'There is already a template with this name');
        }

        foreach ($draft->tasks as $place => $task) {
            if ($task['stage'] !== null && ! in_array($task['stage'], $draft->stages, true)) {
                throw new RefusedChange("tasks.$place.stage", 'This stage does not exist');
            }
        }

        return $this->log->change($who, ($pattern === null ? 'Made' : 'Changed')." the template “{$draft->title}”", function () use (
            $draft,
            $pattern,
        ): Pattern {
            $record = $pattern ?? new Pattern();
            $record
                ->fill([
                    'title' => $draft->title,
                    'outcome' => $draft->outcome,
                    'area_id' => $draft->area,
                    'weighing' => $draft->weighing,
                    'order' => $draft->order,
                    'days' => $draft->days,
                ])
                ->save();
            $this->saveTasks($record, $draft, $this->saveStages($record, $draft));
            $record->stages()->whereNotIn('name', $draft->stages)->get()->each(static fn(PatternStage $stage): ?bool => $stage->delete());

            return $record;
        });
    }

    /** A pattern like a project: its owner's tasks are the owner's, those of others get roles to be named. */
    public function likeProject(Person $who, Project $project): Pattern
    {
        $project->load(['stages', 'tasks.steps', 'tasks.stage']);
        $start = $project->starts_on ?? $project->state_on;
        $daysTo = static fn(?Day $on): ?int => $on === null ? null : max(0, $on->number - $start->number);
        $others = array_flip(
            array_values(
                array_unique(
                    $project->tasks->where('owner_id', '!=', $project->owner_id)->map(static fn(Task $task): int => $task->owner_id)->all(),
                ),
            ),
        );
        $title = $project->title;

        for ($number = 2; Pattern::query()->where('title', $title)->exists(); $number++) {
            $title = "{$project->title} $number";
        }

        return $this(
            $who,
            new PatternDraft(
                title: $title,
                outcome: $project->outcome,
                area: $project->area_id,
                weighing: $project->weighing,
                order: $project->order,
                days: $daysTo($project->due_on),
                stages: array_values($project->stages->map(static fn($stage): string => $stage->name)->all()),
                tasks: array_values(
                    $project->tasks
                        ->whereNull('dropped_on')
                        ->map(
                            static fn(Task $task): array => [
                                'id' => null,
                                'title' => $task->title,
                                'stage' => $task->stage?->name,
                                'role' => isset($others[$task->owner_id]) ? 'Role '.($others[$task->owner_id] + 1) : null,
                                'day' => $daysTo($task->due_on ?? $task->done_on),
                                'minutes' => $task->minutes,
                                'steps' => array_values(
                                    $task->steps
                                        ->map(static fn(Step $step): array => ['id' => null, 'title' => $step->title, 'howTo' => null])
                                        ->all(),
                                ),
                            ],
                        )
                        ->all(),
                ),
            ),
        );
    }

    /** @return array<string, int> ids by name */
    private function saveStages(Pattern $pattern, PatternDraft $draft): array
    {
        $there = $pattern->stages()->get()->keyBy('name');
        $ids = [];

        foreach ($draft->stages as $position => $name) {
            $stage = $there->get($name) ?? new PatternStage(['pattern_id' => $pattern->id, 'name' => $name]);
            $stage->fill(['position' => $position])->save();
            $ids[$name] = $stage->id;
        }

        return $ids;
    }

    /** @param array<string, int> $stages */
    private function saveTasks(Pattern $pattern, PatternDraft $draft, array $stages): void
    {
        $there = $pattern->tasks()->with('steps')->get()->keyBy('id');
        $there->except(array_filter(array_column($draft->tasks, 'id'), is_int(...)))->each(static function (PatternTask $task): void {
            $task->steps->each(static fn(PatternStep $step): ?bool => $step->delete());
            $task->delete();
        });

        foreach ($draft->tasks as $position => $task) {
            $record =
                ($task['id'] === null ? null : $there->get($task['id'])) ??
                (new PatternTask(['pattern_id' => $pattern->id]))->setRelation('steps', collect());
            $record
                ->fill([
                    'pattern_stage_id' => $task['stage'] === null ? null : $stages[$task['stage']],
                    'position' => $position,
                    'title' => $task['title'],
                    'role' => $task['role'],
                    'day' => $task['day'],
                    'minutes' => $task['minutes'],
                ])
                ->save();
            $this->saveSteps($record, $task['steps']);
        }
    }

    /** @param list<array{id: ?int, title: string, howTo: ?string}> $steps */
    private function saveSteps(PatternTask $task, array $steps): void
    {
        $there = $task->steps->keyBy('id');
        $there->except(array_filter(array_column($steps, 'id'), is_int(...)))->each(static fn(PatternStep $step): ?bool => $step->delete());

        foreach ($steps as $position => $step) {
            $record = ($step['id'] === null ? null : $there->get($step['id'])) ?? new PatternStep(['pattern_task_id' => $task->id]);
            $record->fill(['position' => $position, 'title' => $step['title'], 'how_to' => $step['howTo']])->save();
        }
    }
}
