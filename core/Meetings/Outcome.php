<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** What became of an issue in a meeting. */
enum Outcome: string
{
    case Decided = 'decided';
    case Answered = 'answered';
    case NextSteps = 'next_steps';
    case Project = 'project';
    case Goal = 'goal';
    case NextTime = 'next_time';
    case OtherMeeting = 'other_meeting';
    case Shelved = 'shelved';
    case Dropped = 'dropped';

    /** Whether the issue is off all agendas; otherwise it comes up again, one meeting older. */
    public function settles(): bool
    {
        return ! in_array($this, [self::NextTime, self::OtherMeeting], true);
    }
}
