<?php

declare(strict_types=1);

namespace App\Queries\Goals;

/** A goal and all that hang beneath it, as a condition for the database. */
final readonly class Beneath
{
    /**
     * True where the column names one of them. Its one binding is the id of the goal.
     *
     * @param string $column as "servings.goal_id"
     */
    public static function holds(string $column): string
    {
        return "$column in (with recursive below (id) as (
            select id from goals where id = ? union select goals.id from goals join below on goals.parent_id = below.id
        ) select id from below)";
    }
}
