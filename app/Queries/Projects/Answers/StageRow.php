<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

/** A stage with its tasks. */
final readonly class StageRow implements Props
{
    /**
     * @param ?int $id null for tasks in a project that has no stages
     * @param list<TaskRow> $tasks all that are open, and of those that are done the latest
     * @param int $doneMore how many more are done
     */
    public function __construct(public ?int $id, public ?string $name, public array $tasks, public int $doneMore)
    {
    }
}
