<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** What a line of an agenda is. */
enum AgendaKind: string
{
    case Opening = 'opening';
    case Standing = 'standing';
    case FollowUps = 'follow_ups';
    case Issue = 'issue';
    case Closing = 'closing';

    /**
     * The order in which they are proposed: after the opening what waiting makes dearer, what comes every time last. It changes nothing in
     * what fits. Rules: computation 11.
     *
     * @return list<self>
     */
    public static function proposed(): array
    {
        return [self::Opening, self::Issue, self::FollowUps, self::Standing, self::Closing];
    }
}
