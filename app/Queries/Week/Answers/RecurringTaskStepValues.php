<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

final readonly class RecurringTaskStepValues implements Props
{
    public function __construct(public ?int $id, public string $title)
    {
    }
}
