<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\Cord;
use App\Queries\Props;

/** Minutes that went into a thread; into none of them when it has no cord. */
final readonly class WorkShare implements Props
{
    public function __construct(public ?Cord $cord, public int $minutes)
    {
    }
}
