<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Week\RecurringTaskDraft;
use App\Models\RecurringTask;
use App\Models\RecurringTaskKind;
use App\Queries\Week\RecurringTaskPage;
use Illuminate\Validation\Rule;

/** A recurring task as it comes from the form. */
final class RecurringTaskFields extends Fields
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:200'],
            'kind' => ['required', Rule::enum(RecurringTaskKind::class)],
            'words' => ['nullable', 'string', 'max:120'],
            'startsOn' => ['nullable', new ValidDay()],
            'owner' => ['nullable', 'integer', 'exists:people,id'],
            'isPrivate' => ['boolean'],
            'isShared' => ['boolean'],
            'area' => ['nullable', 'integer', 'exists:areas,id'],
            'project' => ['nullable', 'integer'],
            'goal' => ['nullable', 'integer'],
            'mainEffort' => ['nullable', 'integer', new VisibleEffort()],
            'minutes' => ['nullable', 'integer', 'between:1,100000'],
            'perQuarter' => ['nullable', 'integer', 'between:1,200'],
            'notes' => ['nullable', 'string', 'max:20000'],
            'template' => ['nullable', 'integer', 'exists:templates,id'],
            'steps' => ['array', 'max:100'],
            'steps.*.id' => ['nullable', 'integer'],
            'steps.*.title' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['steps.*.title' => 'line'];
    }

    public function draft(): RecurringTaskDraft
    {
        /** @var list<array{id?: int|string|null, title: string}> $steps */
        $steps = array_values($this->array('steps'));

        return new RecurringTaskDraft(
            title: $this->string('title')->toString(),
            words: $this->string('words')->toString(),
            kind: $this->enum('kind', RecurringTaskKind::class) ?? RecurringTaskKind::Task,
            startsOn: $this->day('startsOn'),
            owner: $this->number('owner'),
            isPrivate: $this->boolean('isPrivate'),
            isShared: $this->boolean('isShared'),
            sharedFrom: null,
            area: $this->number('area'),
            project: $this->number('project'),
            goal: $this->number('goal'),
            mainEffort: $this->number('mainEffort'),
            minutes: $this->number('minutes'),
            perQuarter: $this->number('perQuarter'),
            notes: $this->words('notes'),
            steps: array_map(
                static fn(array $step): array => ['id' => isset($step['id']) ? (int) $step['id'] : null, 'title' => $step['title']],
                $steps,
            ),
            template: $this->number('template'),
        );
    }

    protected function there(): ?array
    {
        $recurringTask = $this->route('recurringTask');

        return $recurringTask instanceof RecurringTask
            ? get_object_vars(app(RecurringTaskPage::class)->of($recurringTask, $this->me())->recurringTask)
            : null;
    }
}
