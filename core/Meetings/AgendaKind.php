<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

enum AgendaKind: string
{
    case Standing = 'standing';
    case FollowUps = 'follow_ups';
    case Issue = 'issue';
    case Closing = 'closing';

    /**
     * The order in which they are proposed: what waiting makes dearer first, what comes every time last. It changes nothing in
     * what fits. Rules: computation 11.
     *
     * @return list<self>
     */
    public static function proposed(): array
    {
        return [self::Issue, self::FollowUps, self::Standing, self::Closing];
    }
}
