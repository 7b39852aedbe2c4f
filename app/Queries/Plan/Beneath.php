<?php

declare(strict_types=1);

namespace App\Queries\Plan;

/** Goals and all that hang beneath them, as a condition for the database. */
final readonly class Beneath
{
    /**
     * True where the column names one of them. Its bindings are the ids of the goals.
     *
     * @param string $column as "contributions.goal_id"
     * @param int $goals how many goals it is about
     */
    public static function holds(string $column, int $goals = 1): string
    {
        $any = $goals === 0 ? 'null' : implode(', ', array_fill(0, $goals, '?'));

        return "$column in (with recursive below (id) as (
            select id from goals where id in ($any) union select goals.id from goals join below on goals.parent_id = below.id
        ) select id from below)";
    }
}
