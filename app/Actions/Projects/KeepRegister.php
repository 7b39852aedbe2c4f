<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Models\Collection;
use App\Models\CollectionItem;
use App\Models\Entry;
use App\Models\Field;
use App\Models\FieldKind;
use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** What the register keeps of projects besides themselves: collections, fields of one's own, the limit of active ones. */
final readonly class KeepRegister
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * Says in which collections a project is.
     *
     * @param list<int> $ids all of them
     * @param ?string $named one to be made, or joined if there is one of that name
     */
    public function gather(Person $who, Project $project, array $ids, ?string $named): void
    {
        $words = "Changed the collections of “{$project->title}”";
        $this->log->change($who, $words, static function () use ($project, $ids, $named): void {
            if ($named !== null) {
                $ids[] = (Collection::query()->where('title', $named)->first() ?? Collection::query()->create(['title' => $named]))->id;
            }

            $there = CollectionItem::query()->where('project_id', $project->id)->get();
            $there->whereNotIn('collection_id', $ids)->each(static fn(CollectionItem $link): ?bool => $link->delete());

            foreach (array_unique($ids) as $id) {
                if (! $there->contains('collection_id', $id)) {
                    CollectionItem::query()->create(['collection_id' => $id, 'project_id' => $project->id]);
                }
            }

            // A collection that holds nothing any more is none.
            Collection::query()->whereDoesntHave('collectionItems')->get()->each(static fn(Collection $empty): ?bool => $empty->delete());
        });
    }

    /**
     * @param list<string> $choices of a choice
     *
     * @throws RefusedChange when there is a field of that name, or a choice offers nothing
     */
    public function addField(Person $who, string $name, FieldKind $kind, array $choices): void
    {
        match (true) {
            Field::query()->where('name', $name)->exists() => throw new RefusedChange('name', 'There is already a field with this name'),
            $kind === FieldKind::Choice && count($choices) < 2 => throw new RefusedChange(
                'choices',
                'Enter at least two choices, one per line',
            ),
            default => null,
        };

        $this->log->change(
            $who,
            "Added the field “{$name}”",
            static fn() => Field::query()->create([
                'name' => $name,
                'kind' => $kind,
                'choices' => $kind === FieldKind::Choice ? $choices : null,
            ]),
        );
    }

    /** Takes a field away, with what stands in it. */
    public function removeField(Person $who, Field $field): void
    {
        $this->log->change($who, "Deleted the field “{$field->name}”", static function () use ($field): void {
            Entry::query()->where('field_id', $field->id)->get()->each(static fn(Entry $entry): ?bool => $entry->delete());
            $field->delete();
        });
    }

    /** @throws RefusedChange when the value does not fit the field */
    public function enter(Person $who, Project $project, Field $field, ?string $value): void
    {
        $fits =
            $value === null ||
            match ($field->kind) {
                FieldKind::Text => true,
                FieldKind::Number => preg_match('/^-?\d{1,15}([.,]\d{1,6})?$/', $value) === 1,
                FieldKind::Date => Day::tryOf($value) !== null,
                FieldKind::Choice => in_array($value, $field->choices ?? [], true),
            };

        if (! $fits) {
            throw new RefusedChange('value', "“{$value}” is not valid for {$field->name}");
        }

        $this->log->change($who, "Changed “{$field->name}” of “{$project->title}”", static function () use (
            $project,
            $field,
            $value,
        ): void {
            $entry = Entry::query()->where('project_id', $project->id)->where('field_id', $field->id)->first();
            $value === null
                ? $entry?->delete()
                : ($entry ?? new Entry(['project_id' => $project->id, 'field_id' => $field->id]))->fill(['value' => $value])->save();
        });
    }

    public function limit(Person $who, Workspace $workspace, ?int $limit): void
    {
        $this->log->change(
            $who,
            $limit === null ? 'Removed the limit of active projects' : "Set the limit to $limit active projects per person",
            static fn() => $workspace->update(['active_limit' => $limit]),
        );
    }
}
