<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

/** Tasks that are left over for one reason. */
final readonly class LeftOver implements Props
{
    /**
     * @param list<TaskRow> $tasks
     * @param bool $mayKeep whether they are asked about for thinning out, and can be kept as they are
     */
    public function __construct(public string $reason, public string $hint, public array $tasks, public bool $mayKeep)
    {
    }
}
