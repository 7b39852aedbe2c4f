<?php

declare(strict_types=1);

namespace App\Queries\Parts;

/** For what kind of time a task is planned, as conditions for the database: told by how its time is written. */
final readonly class Planned
{
    /** A day: 2027-02-10. */
    public const FOR_DAY = 'length(planned) = 10';

    /** A day or a week, and no month, quarter or year: 2027-W06. */
    public const FOR_DAY_OR_WEEK = "(length(planned) = 10 or planned like '%-W%')";
}
