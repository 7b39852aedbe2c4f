<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

/** A role of a template, and who would take it. */
final readonly class RoleChoice implements Props
{
    public function __construct(public string $role, public int $tasks, public int $person)
    {
    }
}
