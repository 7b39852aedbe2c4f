<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Projects\ProjectDraft;
use App\Models\Project;
use App\Queries\Projects\ProjectFormPage;
use Illuminate\Validation\Rule;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Rank;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/** A project as it comes from the form. */
final class ProjectFields extends Fields
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:200'],
            'outcome' => ['nullable', 'string', 'max:5000'],
            'owner' => ['nullable', 'integer', 'exists:people,id'],
            'area' => ['nullable', 'integer', 'exists:areas,id'],
            'weighing' => ['nullable', Rule::enum(Weighing::class)],
            'order' => ['nullable', Rule::enum(StageOrder::class)],
            'state' => ['nullable', Rule::enum(ProjectState::class)],
            'lastIsDone' => ['boolean'],
            'rank' => ['nullable', Rule::enum(Rank::class)],
            'focus' => ['nullable', Rule::enum(Focus::class)],
            'startsOn' => ['nullable', new ValidDay()],
            'dueOn' => ['nullable', new ValidDay()],
            'stages' => ['array', 'max:20'],
            'stages.*.id' => ['nullable', 'integer'],
            'stages.*.name' => ['required', 'string', 'max:60', 'distinct'],
            'serves' => ['array', 'max:20'],
            'serves.*.goal' => ['required', 'integer', 'distinct'],
            'serves.*.weight' => ['required', 'numeric', 'decimal:0,4', 'gt:0', 'max:1000000'],
            ...ViewerFields::RULES,
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['stages.*.name' => 'name of the stage', 'serves.*.goal' => 'goal', 'serves.*.weight' => 'weight'];
    }

    public function draft(): ProjectDraft
    {
        /** @var list<array{id?: ?int, name: string}> $stages */
        $stages = array_values($this->array('stages'));
        /** @var list<array{goal: int|string, weight: int|float|string}> $serves */
        $serves = array_values($this->array('serves'));

        return new ProjectDraft(
            title: $this->string('title')->toString(),
            outcome: $this->words('outcome'),
            owner: $this->number('owner'),
            area: $this->number('area'),
            weighing: $this->enum('weighing', Weighing::class) ?? Weighing::Count,
            order: $this->enum('order', StageOrder::class) ?? StageOrder::Any,
            state: $this->enum('state', ProjectState::class) ?? ProjectState::Active,
            startsOn: $this->day('startsOn'),
            dueOn: $this->day('dueOn'),
            stages: array_map(static fn(array $stage): array => ['id' => $stage['id'] ?? null, 'name' => $stage['name']], $stages),
            serves: array_map(
                static fn(array $link): array => ['goal' => (int) $link['goal'], 'weight' => (string) $link['weight']],
                $serves,
            ),
            lastIsDone: $this->boolean('lastIsDone'),
            rank: $this->enum('rank', Rank::class),
            focus: $this->enum('focus', Focus::class),
            viewers: ViewerFields::draft($this),
        );
    }

    protected function there(): ?array
    {
        $project = $this->route('project');

        return $project instanceof Project ? get_object_vars(app(ProjectFormPage::class)->filled($this->me(), $project)->project) : null;
    }
}
