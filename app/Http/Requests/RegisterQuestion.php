<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Field;
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
            'sort' => ['nullable', 'string', self::oneOf(RegisterFilter::SORTS)],
            'group' => ['nullable', 'string', self::oneOf(RegisterFilter::GROUPS)],
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

    /** @param list<string> $usual besides which there are the extra fields */
    private static function oneOf(array $usual): string
    {
        return 'regex:/^(?:'.implode('|', $usual).'|'.RegisterFilter::FIELD.'\d{1,18})$/';
    }

    /** An extra field that is gone by now orders nothing: an address that was kept still shows the projects. */
    private function order(string $name, string $usual): string
    {
        $asked = $this->words($name) ?? $usual;
        $field = RegisterFilter::fieldIn($asked);

        return $field !== null && Field::query()->whereKey($field)->doesntExist() ? $usual : $asked;
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
            sort: $this->order('sort', 'need'),
            group: $this->order('group', 'state'),
            page: $this->number('page') ?? 1,
        );
    }
}
