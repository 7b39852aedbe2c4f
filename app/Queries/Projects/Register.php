<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Props;

final readonly class Register implements Props
{
    /** @param list<RegisterRow> $projects active ones first, those that need something on top */
    public function __construct(public array $projects)
    {
    }
}
