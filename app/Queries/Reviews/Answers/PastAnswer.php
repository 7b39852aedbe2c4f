<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

final readonly class PastAnswer implements Props
{
    public function __construct(public string $period, public string $words)
    {
    }
}
