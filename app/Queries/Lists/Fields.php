<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Area;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Queries\Lists\Answers\Condition;
use App\Queries\Lists\Answers\FieldOptions;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use stdClass;

/** What each field of a condition offers to a reader. */
final readonly class Fields
{
    private const TIMES = [
        'today' => 'today',
        'week' => 'this week',
        'next_week' => 'next week',
        'month' => 'in the next four weeks',
        'any' => 'has one',
        'none' => 'has none',
    ];

    private const STATES = [
        'open' => 'open',
        'now' => 'can start now',
        'waiting' => 'waiting for somebody',
        'in_progress' => 'in progress',
        'to_check' => 'to check',
        'done' => 'done',
        'shelved' => 'on the shelf',
        'dropped' => 'dropped',
    ];

    public function __construct(private Choices $choices)
    {
    }

    /** @return list<FieldOptions> */
    public function for(Person $viewer): array
    {
        return array_map(
            fn(ListField $field): FieldOptions => new FieldOptions($field, $field->isNumber(), $this->options($field, $viewer)),
            ListField::cases(),
        );
    }

    /** Whether a reader may ask that of a field. */
    public function offers(Condition $condition, Person $viewer): bool
    {
        $id = (int) $condition->value;

        return match ($condition->field) {
            ListField::Owner => $condition->value === 'me' || Person::query()->whereKey($id)->exists(),
            ListField::Area => $condition->value === 'none' || Area::query()->whereKey($id)->exists(),
            ListField::Thread => Goal::query()->visibleTo($viewer)->whereKey($id)->exists(),
            ListField::Project => $condition->value === 'none' || Project::query()->visibleTo($viewer)->whereKey($id)->exists(),
            default => match (true) {
                $condition->field->isNumber() => preg_match('/^\d{1,5}$/', $condition->value) === 1,
                $condition->field->isTyped() => trim($condition->value) !== '',
                default => in_array(
                    $condition->value,
                    array_map(static fn(Option $option): string => $option->value, $this->options($condition->field, $viewer)),
                    true,
                ),
            },
        };
    }

    /** @return list<Option> */
    private function options(ListField $field, Person $viewer): array
    {
        return match ($field) {
            ListField::Owner => [
                new Option('me', 'whoever opens the list'),
                ...array_map(static fn(PersonTag $person): Option => new Option((string) $person->id, $person->name), PersonTag::all()),
            ],
            ListField::Area => [new Option('none', 'none'), ...$this->choices->areas()],
            ListField::Thread => array_values(
                Goal::query()
                    ->visibleTo($viewer)
                    ->whereNull('parent_id')
                    ->where('horizon', 'year')
                    ->whereNull('closed_on')
                    ->orderBy('anchor_on')
                    ->orderBy('id')
                    ->toBase()
                    ->get(['id', 'title'])
                    ->map(static fn(stdClass $goal): Option => new Option((string) $goal->id, (string) $goal->title))
                    ->all(),
            ),
            ListField::Project => [new Option('none', 'none'), ...$this->choices->projects($viewer)],
            ListField::Due => self::listed(['late' => 'late', ...self::TIMES]),
            ListField::Planned => self::listed(self::TIMES),
            ListField::Focus => self::listed(['full' => 'full', 'normal' => 'normal', 'little' => 'little', 'none' => 'not set']),
            ListField::Rank => self::listed(['A' => 'A', 'B' => 'B', 'C' => 'C', 'none' => 'none']),
            ListField::State => self::listed(self::STATES),
            default => [],
        };
    }

    /**
     * @param array<string, string> $words by value
     *
     * @return list<Option>
     */
    private static function listed(array $words): array
    {
        return array_map(
            static fn(string $value, string $label): Option => new Option($value, $label),
            array_keys($words),
            array_values($words),
        );
    }
}
