<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The last names that differed from the screen: tables, columns, what is logged of them, and conditions of saved lists. */
return new class () extends Migration {
    private const TABLES = [
        'precedences' => 'dependencies',
        'servings' => 'contributions',
        'recurring_task_servings' => 'recurring_task_contributions',
    ];

    private const COLUMNS = [
        'look_again_on' => 'return_on',
        'ask_again_on' => 'follow_up_on',
        'attention' => 'focus',
        'look_over_by_id' => 'checked_by_id',
        'under_way_since' => 'in_progress_since',
        'is_stock' => 'is_shared',
        'stock_id' => 'shared_from_id',
        'set_aside_on' => 'deactivated_on',
    ];

    private const CLASSES = [
        'Precedence' => 'Dependency',
        'Serving' => 'Contribution',
        'RecurringTaskServing' => 'RecurringTaskContribution',
    ];

    /** In the conditions of saved lists: fields, and states of a task. */
    private const CONDITIONS = [
        'attention' => 'focus',
        'untouched' => 'no_activity',
        'look_over' => 'to_check',
        'under_way' => 'in_progress',
    ];

    public function up(): void
    {
        foreach (self::TABLES as $old => $new) {
            Schema::rename($old, $new);
        }

        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            foreach (array_intersect_key(self::COLUMNS, array_flip(Schema::getColumnListing($table))) as $old => $new) {
                Schema::table($table, static fn(Blueprint $blueprint) => $blueprint->renameColumn($old, $new));
            }
        }

        foreach (self::CLASSES as $old => $new) {
            DB::table('activity_log')
                ->where('subject_type', "App\\Models\\$old")
                ->update(['subject_type' => "App\\Models\\$new"]);
        }

        $this->renameInLog();
        $this->renameInLists();
        $this->nameEvents();
    }

    /** What was written is kept by column: an undo finds it by the new names. */
    private function renameInLog(): void
    {
        $renamed = static fn(mixed $columns): mixed => is_array($columns)
            ? array_combine(
                array_map(static fn(int|string $name): int|string => self::COLUMNS[$name] ?? $name, array_keys($columns)),
                $columns,
            )
            : $columns;

        DB::table('activity_log')
            ->whereNotNull('properties')
            ->orderBy('id')
            ->each(static function (object $row) use ($renamed): void {
                $logged = json_decode((string) $row->properties, true);
                $now = array_map($renamed, is_array($logged) ? $logged : []);

                if ($now !== $logged) {
                    DB::table('activity_log')
                        ->where('id', $row->id)
                        ->update(['properties' => json_encode($now, JSON_THROW_ON_ERROR)]);
                }
            });
    }

    private function renameInLists(): void
    {
        DB::table('saved_lists')
            ->where('group', 'attention')
            ->update(['group' => 'focus']);

        foreach (DB::table('saved_lists')->get(['id', 'conditions']) as $row) {
            /** @var list<array{field: string, value: string}> $kept */
            $kept = json_decode((string) $row->conditions, true, 8, JSON_THROW_ON_ERROR);
            $conditions = array_map(
                static fn(array $condition): array => [
                    ...$condition,
                    'field' => self::CONDITIONS[$condition['field']] ?? $condition['field'],
                    'value' =>
                        $condition['field'] === 'state'
                            ? self::CONDITIONS[$condition['value']] ?? $condition['value']
                            : $condition['value'],
                ],
                $kept,
            );
            DB::table('saved_lists')
                ->where('id', $row->id)
                ->update(['conditions' => json_encode($conditions, JSON_THROW_ON_ERROR)]);
        }
    }

    /** The check of a column cannot be changed in place: the table is made anew. */
    private function nameEvents(): void
    {
        $kept = DB::table('notification_choices')->get();
        Schema::drop('notification_choices');
        Schema::create('notification_choices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->enum('event', ['mentioned', 'comment', 'goal', 'handed_over', 'to_check', 'waited_for', 'reminder']);
            $table->enum('delivery', ['updates', 'mail', 'morning', 'nowhere'])->default('updates');
            $table->timestamps();
            $table->unique(['person_id', 'event']);
        });

        foreach ($kept as $choice) {
            DB::table('notification_choices')->insert([
                'id' => $choice->id,
                'person_id' => $choice->person_id,
                'event' => ['said' => 'comment', 'look_over' => 'to_check'][$choice->event] ?? $choice->event,
                'delivery' => $choice->reach,
                'created_at' => $choice->created_at,
                'updated_at' => $choice->updated_at,
            ]);
        }

        if (DB::getDriverName() === 'pgsql') {
            DB::statement(
                "select setval(pg_get_serial_sequence('notification_choices', 'id'), coalesce(max(id), 0) + 1, false) ".
                    'from notification_choices',
            );
        }
    }
};
