<?php

declare(strict_types=1);

namespace Tests\Feature;

use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\PreparedSql;

/** What takes long to lay out is laid out once in a process; for the tests after that its rows are put back as they were. */
final class Prepared
{
    /** How many values SQLite takes in one statement. */
    private const VALUES = 30_000;

    /** @var array<string, array{array<string, list<array<string, mixed>>>, mixed}> rows by table, and what was made */
    private static array $kept = [];

    /**
     * @template T
     *
     * @param Closure(): T $make lays it out in a database without a row
     *
     * @return T what it gives: plain values, since records belong to the test in which they were loaded
     */
    public static function once(string $name, Closure $make): mixed
    {
        // PostgreSQL would have to be told where each number goes on.
        if (DB::getDriverName() !== 'sqlite') {
            return $make();
        }

        if (isset(self::$kept[$name])) {
            [$rows, $made] = self::$kept[$name];
            self::putBack($rows);

            return $made;
        }

        $made = $make();
        self::$kept[$name] = [self::everyRow(), $made];

        return $made;
    }

    /** @return array<string, list<array<string, mixed>>> by table, those without a row left out */
    private static function everyRow(): array
    {
        $tables = array_diff(Schema::getTableListing(schemaQualified: false), ['migrations']);
        $rows = array_map(
            static fn(string $table): array => DB::table($table)->get()->map(static fn(object $row): array => (array) $row)->all(),
            array_combine($tables, $tables),
        );

        return array_filter($rows);
    }

    /** @param array<string, list<array<string, mixed>>> $rows */
    private static function putBack(array $rows): void
    {
        DB::getPdo()->exec('pragma defer_foreign_keys = on');

        foreach ($rows as $table => $all) {
            // What migrations put there is among them.
            PreparedSql::of("delete from \"$table\"")->execute();
            $columns = implode('", "', array_keys($all[0]));
            $one = '('.implode(', ', array_fill(0, count($all[0]), '?')).')';

            foreach (array_chunk($all, max(1, intdiv(self::VALUES, count($all[0])))) as $some) {
                PreparedSql::of("insert into \"$table\" (\"$columns\") values ".implode(', ', array_fill(0, count($some), $one)))
                    ->execute(array_merge(...array_map(array_values(...), $some)));
            }
        }
    }
}
