<?php

declare(strict_types=1);

namespace App\Models;

/** On what notification events somebody is told. */
enum NotificationEvent: string
{
    case Mentioned = 'mentioned';
    case Comment = 'comment';
    case Goal = 'goal';
    case HandedOver = 'handed_over';
    case ToCheck = 'to_check';
    case WaitedFor = 'waited_for';
    /** Something has reached its return date. */
    case Returned = 'reminder';
    /** A meeting is tomorrow. */
    case Meeting = 'meeting';

    /** Where one hears of it as long as one has chosen nothing else. */
    public function usual(): Delivery
    {
        return $this === self::Meeting ? Delivery::Morning : Delivery::Updates;
    }
}
