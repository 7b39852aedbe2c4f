<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** What became of an issue in a meeting. */
enum Outcome: string
{
    case Decided = 'decided';
    case Answered = 'answered';
    case NextSteps = 'next_steps';
    case NextTime = 'next_time';
    case Shelved = 'shelved';
    case Dropped = 'dropped';

    /** Whether the issue leaves the agenda for good; otherwise it comes back, one meeting older. */
    public function settles(): bool
    {
        return $this !== self::NextTime;
    }
}
