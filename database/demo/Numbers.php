<?php

declare(strict_types=1);

namespace Database\Demo;

use Illuminate\Support\Facades\DB;

/** The numbers that rows are given as they are inserted. */
final class Numbers
{
    /**
     * PostgreSQL does not notice rows that brought their numbers with them: its count goes on behind the last. Nor does it
     * know of so many at once how they lie, by which it chooses the way to find them.
     */
    public static function goOn(string $table): void
    {
        if (DB::getDriverName() !== 'pgsql') {
            return;
        }

        DB::statement(
            'select setval(pg_get_serial_sequence(?, ?), coalesce(max(id), 0) + 1, false) from '.DB::getQueryGrammar()->wrapTable($table),
            [$table, 'id'],
        );
        DB::statement('analyze '.DB::getQueryGrammar()->wrapTable($table));
    }
}
