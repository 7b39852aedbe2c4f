<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

/** What hours of a person are kept for. */
enum HoursKind: string
{
    /** Their best hours: work, and no meetings. */
    case Work = 'work';
    /** When they take meetings, and at no other time of that day. */
    case Meetings = 'meetings';
}
