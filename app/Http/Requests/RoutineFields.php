<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Week\RoutineDraft;
use App\Models\Routine;
use App\Models\RoutineKind;
use App\Queries\Week\RoutinePage;
use Illuminate\Validation\Rule;

/** A routine as it comes from the form. */
final class RoutineFields extends Fields
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:200'],
            'kind' => ['required', Rule::enum(RoutineKind::class)],
            'words' => ['nullable', 'string', 'max:120'],
            'startsOn' => ['nullable', new ValidDay()],
            'owner' => ['nullable', 'integer', 'exists:people,id'],
            'isPrivate' => ['boolean'],
            'isStock' => ['boolean'],
            'area' => ['nullable', 'integer', 'exists:areas,id'],
            'project' => ['nullable', 'integer', 'exists:projects,id'],
            'goal' => ['nullable', 'integer'],
            'minutes' => ['nullable', 'integer', 'between:1,100000'],
            'perQuarter' => ['nullable', 'integer', 'between:1,200'],
            'notes' => ['nullable', 'string', 'max:20000'],
            'pattern' => ['nullable', 'integer', 'exists:patterns,id'],
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

    public function draft(): RoutineDraft
    {
        /** @var list<array{id?: int|string|null, title: string}> $steps */
        $steps = array_values($this->array('steps'));

        return new RoutineDraft(
            $this->string('title')->toString(),
            $this->string('words')->toString(),
            $this->enum('kind', RoutineKind::class) ?? RoutineKind::Task,
            $this->day('startsOn'),
            $this->number('owner'),
            $this->boolean('isPrivate'),
            $this->boolean('isStock'),
            null,
            $this->number('area'),
            $this->number('project'),
            $this->number('goal'),
            $this->number('minutes'),
            $this->number('perQuarter'),
            $this->words('notes'),
            array_map(
                static fn(array $step): array => ['id' => isset($step['id']) ? (int) $step['id'] : null, 'title' => $step['title']],
                $steps,
            ),
            $this->number('pattern'),
        );
    }

    protected function there(): ?array
    {
        $routine = $this->route('routine');

        return $routine instanceof Routine ? get_object_vars(app(RoutinePage::class)->of($routine, $this->me())->routine) : null;
    }
}
