<?php

declare(strict_types=1);

namespace App\Queries\Plan;

/** Goals and all that they hang beneath, as a condition for the database. */
final readonly class Above
{
    /**
     * True where the column names one of them. Its bindings are the ids of the goals.
     *
     * @param string $column as "goals.id"
     * @param int $goals how many goals it is about
     */
    public static function holds(string $column, int $goals): string
    {
        $any = $goals === 0 ? 'null' : implode(', ', array_fill(0, $goals, '?'));

        return "$column in (with recursive above (id) as (
            select id from goals where id in ($any) union select goals.parent_id from goals join above on goals.id = above.id
        ) select id from above)";
    }
}
