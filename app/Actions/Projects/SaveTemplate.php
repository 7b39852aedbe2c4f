<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Models\Person;
use App\Models\Project;
use App\Models\Step;
use App\Models\Task;
use App\Models\Template;
use App\Models\TemplateStage;
use App\Models\TemplateStep;
use App\Models\TemplateTask;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Makes a template, from nothing or from a project, or changes one. The projects made from it are asked afterwards. */
final readonly class SaveTemplate
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @throws RefusedChange when another template has the title, or a task names a stage that there is not */
    public function __invoke(Person $who, TemplateDraft $draft, ?Template $template = null): Template
    {
        if (
            Template::query()
                ->where('title', $draft->title)
                ->when($template !== null, static fn($query) => $query->whereKeyNot($template?->id))
                ->exists()
        ) {
            throw new RefusedChange('title', 'There is already a template with this name');
        }

        foreach ($draft->tasks as $place => $task) {
            if ($task['stage'] !== null && ! in_array($task['stage'], $draft->stages, true)) {
                throw new RefusedChange("tasks.$place.stage", 'This stage does not exist');
            }
        }

        return $this->log->change($who, ($template === null ? 'Made' : 'Changed')." the template “{$draft->title}”", function () use (
            $draft,
            $template,
        ): Template {
            $record = $template ?? new Template();
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
            $record->stages()->whereNotIn('name', $draft->stages)->get()->each(static fn(TemplateStage $stage): ?bool => $stage->delete());

            return $record;
        });
    }

    /** A template like a project: its owner's tasks are the owner's, those of others get roles to be named. */
    public function likeProject(Person $who, Project $project): Template
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

        for ($number = 2; Template::query()->where('title', $title)->exists(); $number++) {
            $title = "{$project->title} $number";
        }

        return $this(
            $who,
            new TemplateDraft(
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
    private function saveStages(Template $template, TemplateDraft $draft): array
    {
        $there = $template->stages()->get()->keyBy('name');
        $ids = [];

        foreach ($draft->stages as $position => $name) {
            $stage = $there->get($name) ?? new TemplateStage(['template_id' => $template->id, 'name' => $name]);
            $stage->fill(['position' => $position])->save();
            $ids[$name] = $stage->id;
        }

        return $ids;
    }

    /** @param array<string, int> $stages */
    private function saveTasks(Template $template, TemplateDraft $draft, array $stages): void
    {
        $there = $template->tasks()->with('steps')->get()->keyBy('id');
        $there->except(array_filter(array_column($draft->tasks, 'id'), is_int(...)))->each(static function (TemplateTask $task): void {
            $task->steps->each(static fn(TemplateStep $step): ?bool => $step->delete());
            $task->delete();
        });

        foreach ($draft->tasks as $position => $task) {
            $record =
                ($task['id'] === null ? null : $there->get($task['id'])) ??
                (new TemplateTask(['template_id' => $template->id]))->setRelation('steps', collect());
            $record
                ->fill([
                    'template_stage_id' => $task['stage'] === null ? null : $stages[$task['stage']],
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
    private function saveSteps(TemplateTask $task, array $steps): void
    {
        $there = $task->steps->keyBy('id');
        $there
            ->except(array_filter(array_column($steps, 'id'), is_int(...)))
            ->each(static fn(TemplateStep $step): ?bool => $step->delete());

        foreach ($steps as $position => $step) {
            $record = ($step['id'] === null ? null : $there->get($step['id'])) ?? new TemplateStep(['template_task_id' => $task->id]);
            $record->fill(['position' => $position, 'title' => $step['title'], 'how_to' => $step['howTo']])->save();
        }
    }
}
