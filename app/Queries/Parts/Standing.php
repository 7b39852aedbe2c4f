<?php

declare(strict_types=1);

namespace App\Queries\Parts;

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
    public static function of(ListedTask $task, Workspace $workspace): self
    {
        return $task->isOpen()
            ? self::carriedTo($task->planned, $task->planned_to, $task->carried, $workspace)
            : new self($task->planned, $task->carried);
    }

    /**
     * Where a task stands today if it is open, or is taken back. Rules: computation 8.
     *
     * @param ?string $planned a day or a period
     * @param ?Day $until its last day
     * @param int $carried how often it had been carried when it was planned
     */
    public static function carriedTo(?string $planned, ?Day $until, int $carried, Workspace $workspace): self
    {
        $today = $workspace->today();

        if ($planned === null || ($until !== null && ! $until->isBefore($today))) {
            return new self($planned, $carried);
        }

        $carrying = new Carrying($workspace->calendar());
        $time = $workspace->calendar()->planned($planned);

        return new self(
            (string) ($time instanceof Day ? $carrying->day($time, $today) : $carrying->period($time, $today)),
            $carried + $carrying->crossings($time, $today),
        );
    }
}
