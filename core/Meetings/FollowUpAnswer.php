<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** What is said in a meeting of a next step from an earlier one. */
enum FollowUpAnswer: string
{
    case Done = 'done';
    case NotYet = 'not_yet';
    case Help = 'help';
    case HeldUp = 'held_up';

    public function words(): string
    {
        return match ($this) {
            self::Done => 'done',
            self::NotYet => 'not yet',
            self::Help => 'help needed',
            self::HeldUp => 'held up',
        };
    }
}
