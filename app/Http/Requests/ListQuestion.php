<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Queries\Lists\BuiltList;
use App\Queries\Lists\ListField;
use App\Queries\Lists\ListGrouping;
use App\Queries\Lists\ListSort;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a list built from conditions is asked for, in an address or to be kept. */
final class ListQuestion extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => [$this->isMethod('GET') ? 'nullable' : 'required', 'string', 'max:80'],
            'conditions' => ['array', 'max:20'],
            'conditions.*.field' => ['required', Rule::enum(ListField::class)],
            'conditions.*.value' => ['required', 'string', 'max:100'],
            'sort' => ['nullable', Rule::enum(ListSort::class)],
            'group' => ['nullable', Rule::enum(ListGrouping::class)],
            'isShared' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['title' => 'name', 'conditions.*.value' => 'value'];
    }

    public function built(): BuiltList
    {
        /** @var list<array{field: string, value: string}> $said */
        $said = array_values($this->array('conditions'));

        return BuiltList::read($said, $this->enum('sort', ListSort::class) ?? ListSort::Due, $this->enum('group', ListGrouping::class));
    }
}
