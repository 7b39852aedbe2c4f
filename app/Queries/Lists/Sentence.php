<?php

declare(strict_types=1);

namespace App\Queries\Lists;

/** The conditions of a saved list in plain words. */
final readonly class Sentence
{
    private const TIMES = ['late' => 'late', 'today' => 'today', 'week' => 'this week', 'next_week' => 'next week', 'month' => 'in the next four weeks', 'none' => 'at no time', 'any' => 'at some time'];

    private const STATES = ['open' => 'open', 'now' => 'that can be done now', 'waiting' => 'waiting on somebody', 'under_way' => 'under way', 'look_over' => 'to be looked over', 'done' => 'done', 'shelved' => 'on the shelf', 'dropped' => 'dropped'];

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
            ListField::Owner => $value === 'me' ? 'of whoever reads this' : "of $name",
            ListField::Area => $value === 'none' ? 'in no area' : "in $name",
            ListField::Thread => "serving $name",
            ListField::Project => $value === 'none' ? 'in no project' : "for $name",
            ListField::Due => $value === 'none' ? 'without a due date' : ($value === 'any' ? 'with a due date' : 'due '.(self::TIMES[$value] ?? $value)),
            ListField::Planned => 'planned '.(self::TIMES[$value] ?? $value),
            ListField::Attention => $value === 'none' ? 'whose attention is not said' : "that take $value attention",
            ListField::Place => "done at “{$value}”",
            ListField::Minutes => "of $value min or less",
            ListField::Rank => $value === 'none' ? 'not ranked' : "ranked $value",
            ListField::State => self::STATES[$value] ?? $value,
            ListField::Age => "older than $value days",
            ListField::Untouched => "untouched for $value days",
            ListField::Words => "that say “{$value}”",
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

        return 'what is no longer there';
    }
}
