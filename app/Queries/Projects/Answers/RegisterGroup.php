<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

final readonly class RegisterGroup implements Props
{
    /** @param list<RegisterRow> $projects */
    public function __construct(public ?string $heading, public array $projects)
    {
    }
}
