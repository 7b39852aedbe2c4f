<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Week\TaskDraft;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Attention;
use Loftrin\Core\Work\Rank;

/** What can be said of a task: everything of a new one, or some fields of one that is there. */
final class TaskFields extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => [...($this->isMethod('POST') ? [] : ['sometimes']), 'required', 'string', 'max:200'],
            'notes' => ['sometimes', 'nullable', 'string', 'max:20000'],
            'project' => ['nullable', 'integer'],
            'goal' => ['nullable', 'integer'],
            'stage_id' => ['sometimes', 'nullable', 'integer'],
            'owner_id' => ['sometimes', 'integer', 'exists:people,id'],
            'planned' => ['nullable', 'string', 'max:10'],
            'due_on' => ['sometimes', 'nullable', 'date_format:Y-m-d'],
            'minutes' => ['sometimes', 'nullable', 'integer', 'min:1', 'max:100000'],
            'rank' => ['sometimes', 'nullable', Rule::enum(Rank::class)],
            'waiting_on' => ['sometimes', 'nullable', 'string', 'max:120'],
            'driver_id' => ['sometimes', 'nullable', Rule::exists('resolves', 'id')->where('kind', 'driver')],
            'attention' => ['sometimes', 'nullable', Rule::enum(Attention::class)],
            'place' => ['sometimes', 'nullable', 'string', 'max:60'],
            'isPrivate' => ['boolean'],
        ];
    }

    public function draft(): TaskDraft
    {
        return new TaskDraft(
            $this->string('title')->toString(),
            $this->number('project'),
            $this->number('goal'),
            $this->number('stage_id'),
            $this->number('owner_id'),
            $this->filled('planned') ? $this->string('planned')->toString() : null,
            $this->day('due_on'),
            $this->number('minutes'),
            $this->enum('rank', Rank::class),
            $this->boolean('isPrivate'),
        );
    }

    /** @return array{title?: string, notes?: ?string, owner_id?: int, due_on?: ?Day, minutes?: ?int, rank?: ?string, stage_id?: ?int, waiting_on?: ?string, driver_id?: ?int, attention?: ?string, place?: ?string} */
    public function changes(): array
    {
        /** @var array{title?: string, notes?: ?string, owner_id?: int, minutes?: ?int, rank?: ?string, stage_id?: ?int, waiting_on?: ?string, driver_id?: ?int, attention?: ?string, place?: ?string} $fields */
        $fields = $this->safe(['title', 'notes', 'owner_id', 'minutes', 'rank', 'stage_id', 'waiting_on', 'driver_id', 'attention', 'place']);

        return $this->has('due_on') ? [...$fields, 'due_on' => $this->day('due_on')] : $fields;
    }

    private function number(string $field): ?int
    {
        return $this->filled($field) ? $this->integer($field) : null;
    }

    private function day(string $field): ?Day
    {
        return $this->filled($field) ? Day::of($this->string($field)->toString()) : null;
    }
}
