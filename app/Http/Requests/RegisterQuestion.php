<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Goal;
use App\Models\Person;
use App\Queries\Projects\Answers\RegisterFilter;
use Illuminate\Validation\Rule;
use Loftrin\Core\Work\Attention;

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
            'attention' => ['nullable', Rule::enum(Attention::class)],
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
            $this->words('state') ?? 'open',
            $this->words('need'),
            $this->number('owner'),
            $this->number('area'),
            // What one may not see must not be found out by what serves it.
            $thread !== null && Goal::query()->visibleTo($viewer)->whereKey($thread)->exists() ? $thread : null,
            $this->words('attention'),
            $this->number('collection'),
            $this->number('field'),
            $this->words('value') ?? '',
            $this->words('words') ?? '',
            $this->words('sort') ?? 'need',
            $this->words('group') ?? 'state',
            $this->number('page') ?? 1,
        );
    }
}
