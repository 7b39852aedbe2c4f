<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Projects\TemplateDraft;
use App\Models\Template;
use App\Queries\Projects\TemplatePage;
use Illuminate\Validation\Rule;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/**
 * A template as it comes from the form.
 *
 * @phpstan-import-type DraftedTask from TemplateDraft
 *
 * @phpstan-type WrittenTask array{
 *   id?: int|string|null, title: string, stage?: ?string, role?: ?string, day?: int|string|null,
 *   minutes?: int|string|null, steps?: list<array{id?: int|string|null, title: string, howTo?: ?string}>,
 *   key?: ?string, after?: list<string>,
 * }
 */
final class TemplateFields extends Fields
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:200'],
            'outcome' => ['nullable', 'string', 'max:5000'],
            'area' => ['nullable', 'integer', 'exists:areas,id'],
            'weighing' => ['nullable', Rule::enum(Weighing::class)],
            'order' => ['nullable', Rule::enum(StageOrder::class)],
            'days' => ['nullable', 'integer', 'between:0,3650'],
            'stages' => ['array', 'max:20'],
            'stages.*' => ['required', 'string', 'max:60', 'distinct'],
            'tasks' => ['array', 'max:300'],
            'lastIsDone' => ['boolean'],
            'milestones' => ['array', 'max:50'],
            'milestones.*.id' => ['nullable', 'integer'],
            'milestones.*.title' => ['required', 'string', 'max:200'],
            'milestones.*.day' => ['required', 'integer', 'between:0,3650'],
            'tasks.*.id' => ['nullable', 'integer'],
            'tasks.*.key' => ['nullable', 'string', 'max:40', 'distinct'],
            'tasks.*.after' => ['array', 'max:50'],
            'tasks.*.after.*' => ['string', 'max:40'],
            'tasks.*.title' => ['required', 'string', 'max:200'],
            'tasks.*.stage' => ['nullable', 'string', 'max:60'],
            'tasks.*.role' => ['nullable', 'string', 'max:60'],
            'tasks.*.day' => ['nullable', 'integer', 'between:0,3650'],
            'tasks.*.minutes' => ['nullable', 'integer', 'between:1,100000'],
            'tasks.*.steps' => ['array', 'max:50'],
            'tasks.*.steps.*.id' => ['nullable', 'integer'],
            'tasks.*.steps.*.title' => ['required', 'string', 'max:200'],
            'tasks.*.steps.*.howTo' => ['nullable', 'string', 'max:20000'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'stages.*' => 'name of the stage',
            'tasks.*.title' => 'task',
            'milestones.*.title' => 'milestone',
            'milestones.*.day' => 'day',
            'tasks.*.day' => 'day',
            'tasks.*.minutes' => 'estimate',
            'tasks.*.steps.*.title' => 'step',
        ];
    }

    public function draft(): TemplateDraft
    {
        /** @var list<string> $stages */
        $stages = array_values($this->array('stages'));
        /** @var list<WrittenTask> $tasks */
        $tasks = array_values($this->array('tasks'));
        /** @var list<array{id?: int|string|null, title: string, day: int|string}> $milestones */
        $milestones = array_values($this->array('milestones'));

        return new TemplateDraft(
            title: $this->string('title')->toString(),
            outcome: $this->words('outcome'),
            area: $this->number('area'),
            weighing: $this->enum('weighing', Weighing::class) ?? Weighing::Count,
            order: $this->enum('order', StageOrder::class) ?? StageOrder::Any,
            days: $this->number('days'),
            stages: $stages,
            tasks: array_map(self::task(...), $tasks, array_keys($tasks)),
            milestones: array_map(
                static fn(array $milestone): array => [
                    'id' => self::whole($milestone['id'] ?? null),
                    'title' => $milestone['title'],
                    'day' => (int) $milestone['day'],
                ],
                $milestones,
            ),
            lastIsDone: $this->boolean('lastIsDone'),
        );
    }

    /**
     * @param WrittenTask $task
     *
     * @return DraftedTask
     */
    private static function task(array $task, int $place): array
    {
        return [
            'id' => self::whole($task['id'] ?? null),
            'key' => $task['key'] ?? "place $place",
            'title' => $task['title'],
            'stage' => $task['stage'] ?? null,
            'role' => $task['role'] ?? null,
            'day' => self::whole($task['day'] ?? null),
            'minutes' => self::whole($task['minutes'] ?? null),
            'steps' => array_map(
                static fn(array $step): array => [
                    'id' => self::whole($step['id'] ?? null),
                    'title' => $step['title'],
                    'howTo' => $step['howTo'] ?? null,
                ],
                $task['steps'] ?? [],
            ),
            'after' => $task['after'] ?? [],
        ];
    }

    private static function whole(int|string|null $value): ?int
    {
        return $value === null || $value === '' ? null : (int) $value;
    }

    protected function there(): ?array
    {
        $template = $this->route('template');

        return $template instanceof Template ? get_object_vars(app(TemplatePage::class)->of($template, $this->me())->template) : null;
    }
}
