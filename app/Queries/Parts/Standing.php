<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Task;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Carrying;

/** Where a task stands, and how often it has come along. */
final readonly class Standing
{
    /** @param ?string $in a day or a period */
    private function __construct(public ?string $in, public int $carried)
    {
    }

    /** As it is shown: an open task is carried along by itself, any other stays where it was. */
    public static function of(Task|ListedTask $task, Workspace $workspace): self
    {
        return $task->isOpen() ? self::carriedTo($task, $workspace) : new self($task->planned, $task->carried);
    }

    /** Where a task stands today if it is open, or is taken back. Rules: computation 8. */
    public static function carriedTo(Task|ListedTask $task, Workspace $workspace): self
    {
        $today = $workspace->today();

        if ($task->planned === null || ($task->planned_to !== null && ! $task->planned_to->isBefore($today))) {
            return new self($task->planned, $task->carried);
        }

        $carrying = new Carrying($workspace->calendar());
        $planned = $workspace->calendar()->planned($task->planned);

        return new self(
            (string) ($planned instanceof Day ? $carrying->day($planned, $today) : $carrying->period($planned, $today)),
            $task->carried + $carrying->crossings($planned, $today),
        );
    }
}
