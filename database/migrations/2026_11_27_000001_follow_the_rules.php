<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // What was thought of later does not change the past: from when a goal and a project count.
        Schema::table(
            'goals',
            static fn(Blueprint $table) => $table
                ->rawColumn('created_on', 'date check (closed_on is null or closed_on >= created_on)')
                ->nullable(),
        );
        Schema::table('projects', static fn(Blueprint $table) => $table->date('created_on')->nullable());
        DB::table('goals')->update([
            'created_on' => DB::raw('case when closed_on < date(created_at) then closed_on else date(created_at) end'),
        ]);
        DB::table('projects')->update(['created_on' => DB::raw('date(created_at)')]);

        // What became of the rest of a goal when it was closed: an answer of its own beside the result.
        Schema::table(
            'goals',
            static fn(Blueprint $table) => $table
                ->rawColumn('rest', "varchar(10) check (rest in ('carried', 'split', 'shelved', 'dropped'))")
                ->nullable(),
        );

        // What was computed when it was closed, beside what was decided.
        Schema::table(
            'goals',
            static fn(Blueprint $table) => $table->rawColumn('computed', 'numeric check (computed between 0 and 1)')->nullable(),
        );

        foreach (['projects', 'patterns'] as $name) {
            $this->rename($name, 'order', "varchar(10) default 'any' check (new_order in ('any', 'staged'))", [
                'parallel' => 'any',
                'sequential' => 'staged',
            ]);
        }

        $this->rename('goals', 'scope', "varchar(10) default 'company' check (new_scope in ('company', 'group', 'person'))", [
            'circle' => 'group',
        ]);
    }

    /**
     * Gives the values of a column other names. A changed constraint would make SQLite build the table anew without its
     * checks; a new column does not.
     *
     * @param array<string, string> $names
     */
    private function rename(string $table, string $column, string $definition, array $names): void
    {
        $cases = implode(
            ' ',
            array_map(static fn(string $old, string $new): string => "when '$old' then '$new'", array_keys($names), $names),
        );
        $quoted = DB::connection()->getQueryGrammar()->wrap($column);
        Schema::table($table, static fn(Blueprint $blueprint) => $blueprint->rawColumn("new_$column", $definition));
        DB::table($table)->update(["new_$column" => DB::raw("case $quoted $cases else $quoted end")]);
        Schema::table($table, static fn(Blueprint $blueprint) => $blueprint->dropColumn($column));
        Schema::table($table, static fn(Blueprint $blueprint) => $blueprint->renameColumn("new_$column", $column));
    }
};
