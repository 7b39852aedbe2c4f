<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;

/** What the database's own checks refuse, said as a rule would say it: at a field, with nothing saved. */
final readonly class RefusedByDatabase
{
    /** Null of what failed for another reason than what was to be stored. */
    public static function of(QueryException $reason): ?RefusedChange
    {
        if (! str_starts_with((string) $reason->getCode(), '23')) {
            return null;
        }

        $said = $reason->getPrevious()?->getMessage() ?? '';
        $column = self::column($said);
        // A rule of the application should have said so before: whoever runs it can tell from the log which one is missing.
        Log::warning("The database refused a change: constraint on $column.");

        return new RefusedChange(
            $column === '' ? 'change' : Str::camel($column),
            (match (true) {
                str_contains(strtolower($said), 'unique') => 'This already exists',
                str_contains(strtolower($said), 'foreign key') => 'Something that this belongs to no longer exists',
                str_contains(strtolower($said), 'not null'), str_contains(strtolower($said), 'null value') => 'Something is missing',
                default => 'This contradicts what is stored already',
            }).($column === '' ? '' : ' ('.str_replace('_', ' ', $column).')').'. Nothing was saved.',
        );
    }

    /** The first column that a constraint speaks of, as SQLite and PostgreSQL name it; empty where they name none. */
    private static function column(string $said): string
    {
        return match (true) {
            preg_match('/constraint failed: (?:\w+\.)?([a-z]\w*)/i', $said, $found) === 1,
            preg_match('/null value in column "(\w+)"/', $said, $found) === 1,
            preg_match('/constraint "(?:[a-z]+_)?([a-z]\w*?)_(?:check|unique|foreign)\d*"/', $said, $found) === 1
                => $found[1],
            default => '',
        };
    }
}
