<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Work\WeekOutcome;

/** A task that was planned for a past week and not done in it. */
final readonly class LeftRow implements Props
{
    /** @param string $words what became of it by the end of the week: "carried over" */
    public function __construct(public TaskRow $task, public WeekOutcome $outcome, public string $words)
    {
    }

    public static function of(TaskRow $task, WeekOutcome $outcome): self
    {
        return new self($task, $outcome, $outcome->words());
    }
}
