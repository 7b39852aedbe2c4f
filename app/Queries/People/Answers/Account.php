<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;

final readonly class Account implements Props
{
    /** @param list<SessionRow> $sessions the last used first */
    public function __construct(public string $email, public array $sessions)
    {
    }
}
