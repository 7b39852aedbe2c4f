<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A project's charter has its seven parts. What was said of the approach stands in the notes. */
return new class () extends Migration {
    private const NAMES = ['reason' => 'why', 'limits' => 'constraints'];

    public function up(): void
    {
        foreach (self::NAMES as $old => $new) {
            Schema::table('projects', static fn(Blueprint $table) => $table->renameColumn($old, $new));
        }

        Schema::table('projects', static function (Blueprint $table): void {
            $table->text('in_scope')->nullable();
            $table->text('out_of_scope')->nullable();
            $table->text('risks')->nullable();
            $table->text('decides')->nullable();
        });

        foreach (
            DB::table('projects')
                ->whereNotNull('approach')
                ->get(['id', 'approach', 'notes']) as $project
        ) {
            $approach = "**Approach**\n\n$project->approach";
            $notes = $project->notes === null ? $approach : "$project->notes\n\n$approach";
            DB::table('projects')
                ->where('id', $project->id)
                ->update(['notes' => $notes]);
        }

        Schema::table('projects', static fn(Blueprint $table) => $table->dropColumn('approach'));
        $this->renameInLog();
    }

    /** What was changed is kept by column: an undo finds it by the new names, and leaves the approach where it went. */
    private function renameInLog(): void
    {
        DB::table('activity_log')
            ->where('subject_type', 'App\\Models\\Project')
            ->whereNotNull('properties')
            ->orderBy('id')
            ->each(static function (object $row): void {
                $logged = json_decode((string) $row->properties, true);
                $renamed = array_map(self::renamed(...), is_array($logged) ? $logged : []);

                if ($renamed !== $logged) {
                    DB::table('activity_log')
                        ->where('id', $row->id)
                        ->update(['properties' => json_encode($renamed, JSON_THROW_ON_ERROR)]);
                }
            });
    }

    private static function renamed(mixed $columns): mixed
    {
        if (! is_array($columns)) {
            return $columns;
        }

        unset($columns['approach']);

        return array_combine(
            array_map(static fn(int|string $column): int|string => self::NAMES[$column] ?? $column, array_keys($columns)),
            $columns,
        );
    }
};
