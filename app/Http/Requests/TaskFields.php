<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Week\TaskDraft;
use App\Models\Task;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Rank;

/** What can be said of a task: everything of a new one, or some fields of one that is there. */
final class TaskFields extends Fields
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->isMethod('POST')
                ? Lines::rules('title', TaskDraft::TITLE)
                : ['title' => ['sometimes', 'required', 'string', 'max:'.TaskDraft::TITLE]],
            'notes' => ['sometimes', 'nullable', 'string', 'max:20000'],
            'project' => ['nullable', 'integer'],
            'goal' => ['nullable', 'integer'],
            'stage_id' => ['nullable', 'integer'],
            'owner_id' => ['sometimes', 'integer', 'exists:people,id'],
            'planned' => ['nullable', 'string', 'max:10'],
            'due_on' => ['sometimes', 'nullable', new ValidDay()],
            'due_at' => ['sometimes', 'nullable', 'date_format:H:i'],
            'minutes' => ['sometimes', 'nullable', 'integer', 'min:1', 'max:100000'],
            'rank' => ['sometimes', 'nullable', Rule::enum(Rank::class)],
            'waiting_on' => ['sometimes', 'nullable', 'string', 'max:120'],
            'follow_up_on' => ['sometimes', 'nullable', new ValidDay()],
            'in_progress' => ['sometimes', 'boolean'],
            'checked_by_id' => ['sometimes', 'nullable', 'integer', 'exists:people,id'],
            'main_effort_id' => ['sometimes', 'nullable', 'integer', new VisibleEffort()],
            'focus' => ['sometimes', 'nullable', Rule::enum(Focus::class)],
            'place' => ['sometimes', 'nullable', 'string', 'max:60'],
            'isPrivate' => ['boolean'],
            'isDone' => ['boolean'],
            'done_on' => ['nullable', new ValidDay()],
            'isLine' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...Lines::MESSAGES,
            'title.required' => 'Enter a title.',
            'due_at.date_format' => 'Enter a valid time, for example 14:30.',
            'minutes.integer' => 'Enter the estimate in whole minutes.',
            'minutes.min' => 'The estimate must be at least one minute.',
        ];
    }

    /** @param ?string $notes where none are sent */
    public function draft(?string $notes = null): TaskDraft
    {
        return new TaskDraft(
            $this->string('title')->toString(),
            $this->number('project'),
            $this->number('goal'),
            $this->number('stage_id'),
            $this->number('owner_id'),
            $this->words('planned'),
            $this->day('due_on'),
            $this->number('minutes'),
            $this->enum('rank', Rank::class),
            $this->boolean('isPrivate'),
            notes: $this->words('notes') ?? $notes,
            isDone: $this->boolean('isDone') || $this->filled('done_on'),
            doneOn: $this->day('done_on'),
        );
    }

    /**
     * @return array{title?: string, notes?: ?string, owner_id?: int, due_on?: ?Day, due_at?: ?string, minutes?: ?int, rank?: ?string,
     * waiting_on?: ?string, follow_up_on?: ?Day, main_effort_id?: ?int, focus?: ?string, place?: ?string, in_progress?: bool,
     * checked_by_id?: ?int}
     */
    public function changes(): array
    {
        /**
         * @var array{title?: string, notes?: ?string, owner_id?: int, due_at?: ?string, minutes?: ?int, rank?: ?string,
         * waiting_on?: ?string, main_effort_id?: ?int, focus?: ?string, place?: ?string, in_progress?: bool, checked_by_id?: ?int} $fields
         */
        $fields = $this->safe([
            'title',
            'notes',
            'owner_id',
            'due_at',
            'minutes',
            'rank',
            'waiting_on',
            'main_effort_id',
            'focus',
            'place',
            'in_progress',
            'checked_by_id',
        ]);

        return [
            ...$fields,
            ...$this->has('due_on') ? ['due_on' => $this->day('due_on')] : [],
            ...$this->has('follow_up_on') ? ['follow_up_on' => $this->day('follow_up_on')] : [],
        ];
    }

    protected function prepareForValidation(): void
    {
        $task = $this->route('task');

        if ($task instanceof Task) {
            Meanwhile::refuse(
                $this,
                $task->only([
                    ...['title', 'notes', 'owner_id', 'minutes', 'rank', 'waiting_on', 'place', 'focus'],
                    ...['due_on', 'due_at', 'follow_up_on'],
                ]),
            );
        }
    }
}
