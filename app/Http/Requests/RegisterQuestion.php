<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Goal;
use App\Models\Person;
use App\Queries\Projects\Answers\RegisterFilter;
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
            'state' => ['nullable', Rule::in(RegisterFilter::STATES)],
            'need' => ['nullable', Rule::in(RegisterFilter::NEEDS)],
            'focus' => ['nullable', Rule::enum(Focus::class)],
            'sort' => ['nullable', Rule::in(RegisterFilter::SORTS)],
            'group' => ['nullable', Rule::in(RegisterFilter::GROUPS)],
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
        $thread = $this->number('thread');

        return new RegisterFilter(
            state: $this->words('state') ?? 'open',
            need: $this->words('need'),
            owner: $this->number('owner'),
            area: $this->number('area'),
            // What one may not see must not be found out by what serves it.
            thread: $thread !== null && Goal::query()->visibleTo($viewer)->whereKey($thread)->exists() ? $thread : null,
            focus: $this->words('focus'),
            collection: $this->number('collection'),
            field: $this->number('field'),
            value: $this->words('value') ?? '',
            words: $this->words('words') ?? '',
            sort: $this->words('sort') ?? 'need',
            group: $this->words('group') ?? 'state',
            page: $this->number('page') ?? 1,
        );
    }
}
