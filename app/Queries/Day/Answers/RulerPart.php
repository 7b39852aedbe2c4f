<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;

/** Something that takes time on the ruler of a day. */
final readonly class RulerPart implements Props
{
    /**
     * @param string $kind "meeting", "appointment", "task", "loose" for a task with no time where it would fit, or "session"
     * @param int $from minutes since midnight
     * @param int $until minutes since midnight
     */
    public function __construct(public string $kind, public string $title, public int $from, public int $until)
    {
    }
}
