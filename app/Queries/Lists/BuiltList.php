<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Queries\Lists\Answers\Condition;

/** What a built list asks for: conditions that all hold, in what order, under what headings. */
final readonly class BuiltList
{
    /** @param list<Condition> $conditions */
    public function __construct(public array $conditions, public ListSort $sort, public ?ListGrouping $group)
    {
    }

    /** @param list<array{field: string, value: string}> $conditions as they are sent and stored */
    public static function read(array $conditions, ListSort $sort, ?ListGrouping $group): self
    {
        $condition = static fn(array $each): Condition => new Condition(ListField::from($each['field']), $each['value']);

        return new self(array_map($condition, $conditions), $sort, $group);
    }

    /** @return array{conditions: list<array{field: string, value: string}>, sort: string, group: ?string} as it is stored */
    public function stored(): array
    {
        return [
            'conditions' => array_map(
                static fn(Condition $each): array => ['field' => $each->field->value, 'value' => $each->value],
                $this->conditions,
            ),
            'sort' => $this->sort->value,
            'group' => $this->group?->value,
        ];
    }

    /** @param callable(Condition): bool $holds */
    public function only(callable $holds): self
    {
        return new self(array_values(array_filter($this->conditions, $holds)), $this->sort, $this->group);
    }

    /** Whether something was typed, beside what is chosen from lists. */
    public function isTyped(): bool
    {
        return array_filter($this->conditions, static fn(Condition $each): bool => $each->field->isTyped()) !== [];
    }
}
