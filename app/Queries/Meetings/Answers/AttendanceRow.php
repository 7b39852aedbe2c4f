<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

final readonly class AttendanceRow implements Props
{
    /** @param ?int $personId null of a guest */
    public function __construct(public int $id, public ?int $personId, public string $name, public bool $wasThere)
    {
    }
}
