<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

enum AgendaKind: string
{
    case Standing = 'standing';
    case FollowUps = 'follow_ups';
    case Issue = 'issue';
    case Closing = 'closing';
}
