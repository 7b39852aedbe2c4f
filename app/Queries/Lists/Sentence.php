<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Queries\Lists\Answers\Condition;
use App\Queries\Lists\Answers\FieldOptions;

/** The conditions of a saved list in plain words. */
final readonly class Sentence
{
    /** @param list<FieldOptions> $fields */
    public function __construct(private array $fields)
    {
    }

    /** @param list<Condition> $conditions */
    public function of(array $conditions): string
    {
        return 'Tasks '.($conditions === [] ? 'that are open' : implode(', ', array_map($this->part(...), $conditions)));
    }

    private function part(Condition $condition): string
    {
        $value = $condition->value;
        $name = $this->label($condition);

        return match ($condition->field) {
            ListField::Owner => $value === 'me' ? 'owned by whoever opens the list' : "of $name",
            ListField::Area => $value === 'none' ? 'in no area' : "in $name",
            ListField::Thread => "contributing to $name",
            ListField::Project => $value === 'none' ? 'in no project' : "for $name",
            ListField::Due => ['none' => 'without a due date', 'any' => 'with a due date'][$value] ?? "due $name",
            ListField::Planned => 'planned '.(['none' => 'at no time', 'any' => 'at some time'][$value] ?? $name),
            ListField::Focus => $value === 'none' ? 'with no focus set' : "that need $value focus",
            ListField::Place => "done at “{$value}”",
            ListField::Minutes => "of $value min or less",
            ListField::Rank => $value === 'none' ? 'not ranked' : "ranked $value",
            ListField::State => $value === 'now' ? 'that can start now' : $name,
            ListField::Age => "older than $value days",
            ListField::NoActivity => "with no activity for $value days",
            ListField::Words => "containing “{$value}”",
        };
    }

    private function label(Condition $condition): string
    {
        foreach ($this->fields as $field) {
            foreach ($field->field === $condition->field ? $field->options : [] as $option) {
                if ($option->value === $condition->value) {
                    return $option->label;
                }
            }
        }

        return 'something that no longer exists';
    }
}
