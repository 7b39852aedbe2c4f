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

    /** Whether something was typed, beside what is chosen from lists. */
    public function isTyped(): bool
    {
        return array_filter($this->conditions, static fn(Condition $each): bool => $each->field->isTyped()) !== [];
    }
}
