<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Queries\Props;

final readonly class ReferenceRow implements Props
{
    public function __construct(public int $id, public string $title, public string $address)
    {
    }
}
