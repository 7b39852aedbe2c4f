<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Models\Person;
use App\Models\Template;
use App\Models\TemplateDependency;
use App\Models\TemplateMilestone;
use App\Models\TemplateStage;
use App\Models\TemplateStep;
use App\Models\TemplateTask;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use InvalidArgumentException;
use Loftrin\Core\Work\Doable;

/** Makes a template or changes one. The projects made from it are asked afterwards. */
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

        $this->refuseMisplaced($draft);

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
                    'last_is_done' => $draft->lastIsDone,
                ])
                ->save();
            $this->saveDependencies($draft, $this->saveTasks($record, $draft, $this->saveStages($record, $draft)));
            $this->saveMilestones($record, $draft);
            $record->stages()->whereNotIn('name', $draft->stages)->get()->each(static fn(TemplateStage $stage): ?bool => $stage->delete());

            return $record;
        });
    }

    /** Every task in a stage that there is, none in the one that means done, and no two waiting for each other. */
    private function refuseMisplaced(TemplateDraft $draft): void
    {
        $last = array_slice($draft->stages, -1)[0] ?? null;

        if ($draft->lastIsDone && count($draft->stages) < 2) {
            throw new RefusedChange('lastIsDone', 'This needs at least two stages.');
        }

        foreach ($draft->tasks as $place => $task) {
            match (true) {
                $task['stage'] !== null && ! in_array($task['stage'], $draft->stages, true) => throw new RefusedChange(
                    "tasks.$place.stage",
                    'This stage does not exist.',
                ),
                $draft->lastIsDone && $task['stage'] === $last => throw new RefusedChange(
                    "tasks.$place.stage",
                    "“{$last}” means done: no task begins there.",
                ),
                default => null,
            };
        }

        try {
            Doable::refuseLoop(array_column($draft->tasks, 'after', 'key'));
        } catch (InvalidArgumentException) {
            throw new RefusedChange('tasks', 'Some of these tasks would depend on each other.');
        }
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

    /**
     * @param array<string, int> $stages
     *
     * @return array<string, int> ids by key
     */
    private function saveTasks(Template $template, TemplateDraft $draft, array $stages): array
    {
        $there = $template->tasks()->with(['steps', 'dependencies'])->get()->keyBy('id');
        $gone = $there->except(array_filter(array_column($draft->tasks, 'id'), is_int(...)));
        TemplateDependency::query()
            ->whereIn('template_task_id', $gone->modelKeys())
            ->orWhereIn('after_id', $gone->modelKeys())
            ->get()
            ->each(static fn(TemplateDependency $link): ?bool => $link->delete());
        $gone->each(static function (TemplateTask $task): void {
            $task->steps->each(static fn(TemplateStep $step): ?bool => $step->delete());
            $task->delete();
        });
        $ids = [];

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
            $ids[$task['key']] = $record->id;
        }

        return $ids;
    }

    /** @param array<string, int> $ids of the tasks, by key */
    private function saveDependencies(TemplateDraft $draft, array $ids): void
    {
        $there = TemplateDependency::query()->whereIn('template_task_id', $ids)->get();

        foreach ($draft->tasks as $task) {
            $id = $ids[$task['key']];
            $after = array_values(array_intersect_key($ids, array_flip($task['after'])));
            $own = $there->where('template_task_id', $id);
            $own->whereNotIn('after_id', $after)->each(static fn(TemplateDependency $link): ?bool => $link->delete());

            foreach (array_diff($after, $own->map(static fn(TemplateDependency $link): int => $link->after_id)->all()) as $other) {
                TemplateDependency::query()->create(['template_task_id' => $id, 'after_id' => $other]);
            }
        }
    }

    private function saveMilestones(Template $template, TemplateDraft $draft): void
    {
        $there = $template->milestones()->get()->keyBy('id');
        $there
            ->except(array_filter(array_column($draft->milestones, 'id'), is_int(...)))
            ->each(static fn(TemplateMilestone $milestone): ?bool => $milestone->delete());

        foreach ($draft->milestones as $milestone) {
            $record = $there->get($milestone['id'] ?? 0) ?? new TemplateMilestone(['template_id' => $template->id]);
            $record->fill(['title' => $milestone['title'], 'day' => $milestone['day']])->save();
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
