<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Models\Person;
use App\Models\Record;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Spatie\Activitylog\Models\Activity;

/** What has been added to a record since it was made, whatever names it: with the record it would be gone, or lose its place. */
final class BuiltOn
{
    /** What follows from other records and goes with them, and what is one's own alone: nobody is told that it is there. */
    private const ASIDE = [
        ...['notifications', 'changes', 'sessions', 'answered_requests', 'access_links', 'letters', 'week_tasks'],
        ...['person_days', 'focus_sessions', 'habits', 'private_notes', 'presences', 'points', 'sendings'],
        ...['jots.task_id', 'jots.project_id', 'jots.goal_id', 'jots.contact_id', 'jots.file_id', 'answers.goal_id'],
    ];

    private const WORDS = [
        'goals' => 'goal',
        'contributions' => 'contributing project',
        'helpings' => 'helper',
        'collection_items' => 'collection',
        'plan_lines' => 'line of the outline',
        'dependencies' => 'dependency',
        'attendances' => 'attendance',
        'agenda_items' => 'agenda item',
        'recurring_task_contributions' => 'contribution',
        'entries' => 'extra field',
        'retrospective_answers' => 'answer',
        'agreed_changes' => 'change of a retrospective',
    ];

    /** @var array<string, array<string, list<array{string, string}>>> what names what, by database */
    private static array $references = [];

    /** @throws RefusedChange naming who added what */
    public static function refuse(Record $record, string $batch): void
    {
        $found = [];

        foreach (self::references($record->getTable()) as [$table, $column]) {
            $count = DB::table($table)->where($column, $record->getKey())->count();

            if ($count > 0) {
                $found[$table] = ($found[$table] ?? 0) + $count;
            }
        }

        if ($found !== []) {
            $words = array_map(static fn(string $table, int $count): string => self::counted($table, $count), array_keys($found), $found);
            $name = self::nameOf($record);

            throw new RefusedChange(
                'undo',
                "$name is used by: ".
                    Str::of(implode(', ', $words))->replaceLast(', ', ' and ').
                    self::byWhom($record, $batch).
                    '. Nothing was undone.',
            );
        }
    }

    /** @return list<array{string, string}> tables and columns that name records of a table */
    private static function references(string $table): array
    {
        $database = DB::connection()->getDatabaseName();
        // An undo asks for each of its records, and a database does not change its tables meanwhile.
        self::$references[$database] ??= self::allReferences();

        return self::$references[$database][$table] ?? [];
    }

    /** @return array<string, list<array{string, string}>> tables and columns that name records, by the table of these */
    private static function allReferences(): array
    {
        $found = [];

        foreach (array_diff(Schema::getTableListing(schemaQualified: false), self::ASIDE) as $other) {
            foreach (Schema::getForeignKeys($other) as $key) {
                $isAside = in_array("$other.{$key['columns'][0]}", self::ASIDE, true);

                if (count($key['columns']) === 1 && ! $isAside) {
                    $found[$key['foreign_table']][] = [$other, $key['columns'][0]];
                }
            }
        }

        return $found;
    }

    private static function counted(string $table, int $count): string
    {
        $one = self::WORDS[$table] ?? Str::singular(str_replace('_', ' ', $table));

        return $count === 1 ? "1 $one" : "$count ".Str::plural($one);
    }

    private static function nameOf(Record $record): string
    {
        foreach (['title', 'name'] as $column) {
            $name = $record->getAttributes()[$column] ?? null;

            if (is_string($name)) {
                return "“{$name}”";
            }
        }

        return 'This';
    }

    /** By whom, as far as the log can tell: whoever changed something since that names the record. */
    private static function byWhom(Record $record, string $batch): string
    {
        $key = Str::singular($record->getTable()).'_id';
        $made = Activity::query()->where('batch_uuid', $batch)->min('id');
        $ids = Activity::query()
            ->where('id', '>', $made)
            ->where('batch_uuid', '!=', $batch)
            ->where('event', '!=', 'deleted')
            ->where("properties->now->$key", $record->getKey())
            ->distinct()
            ->pluck('causer_id');
        $names = Person::query()
            ->whereKey($ids->all())
            ->orderBy('name')
            ->get()
            ->map(static fn(Person $person): string => $person->name)
            ->all();

        return $names === [] ? '' : ', by '.Str::of(implode(', ', $names))->replaceLast(', ', ' and ');
    }
}
