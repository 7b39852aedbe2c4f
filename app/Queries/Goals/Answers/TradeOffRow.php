<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class TradeOffRow implements Props
{
    public function __construct(public int $id, public string $title, public PersonTag $person)
    {
    }
}
