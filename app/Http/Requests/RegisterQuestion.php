<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Field;
use App\Models\Goal;
use App\Models\Person;
use App\Queries\Projects\Answers\RegisterFilter;
use App\Queries\Projects\RegisterCondition;
use App\Queries\Projects\RegisterGrouping;
use App\Queries\Projects\RegisterSort;
use App\Queries\Projects\RegisterState;
use Illuminate\Validation\Rule;
use Loftrin\Core\Work\Focus;

/** What the address of the register asks for. What it does not know is left as it is usually. */
final class RegisterQuestion extends Fields
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $number = ['nullable', 'integer', 'min:1'];

        return [
            'state' => ['nullable', Rule::enum(RegisterState::class)],
            'condition' => ['nullable', Rule::enum(RegisterCondition::class)],
            'focus' => ['nullable', Rule::enum(Focus::class)],
            'sort' => ['nullable', Rule::enum(RegisterSort::class)],
            'sortField' => $number,
            'group' => ['nullable', Rule::enum(RegisterGrouping::class)],
            'groupField' => $number,
            'owner' => $number,
            'area' => $number,
            'thread' => $number,
            'collection' => $number,
            'field' => $number,
            'page' => $number,
            'value' => ['nullable', 'string', 'max:200'],
            'words' => ['nullable', 'string', 'max:200'],
        ];
    }

    public function filter(Person $viewer): RegisterFilter
    {
        $usual = new RegisterFilter();
        $thread = $this->number('thread');
        $sort = $this->enum('sort', RegisterSort::class) ?? $usual->sort;
        $group = $this->enum('group', RegisterGrouping::class) ?? $usual->group;
        $sortField = $sort === RegisterSort::Field ? $this->extraField('sortField') : null;
        $groupField = $group === RegisterGrouping::Field ? $this->extraField('groupField') : null;

        return new RegisterFilter(
            state: $this->enum('state', RegisterState::class) ?? $usual->state,
            condition: $this->enum('condition', RegisterCondition::class),
            owner: $this->number('owner'),
            area: $this->number('area'),
            // What one may not see must not be found out by what serves it.
            thread: $thread !== null && Goal::query()->visibleTo($viewer)->whereKey($thread)->exists() ? $thread : null,
            focus: $this->enum('focus', Focus::class),
            collection: $this->number('collection'),
            field: $this->number('field'),
            value: $this->words('value') ?? '',
            words: $this->words('words') ?? '',
            sort: $sort === RegisterSort::Field && $sortField === null ? $usual->sort : $sort,
            sortField: $sortField,
            group: $group === RegisterGrouping::Field && $groupField === null ? $usual->group : $group,
            groupField: $groupField,
            page: $this->number('page') ?? 1,
        );
    }

    /** One that is gone by now orders nothing: an address that was kept still shows the projects. */
    private function extraField(string $name): ?int
    {
        $field = $this->number($name);

        return $field !== null && Field::query()->whereKey($field)->exists() ? $field : null;
    }
}
