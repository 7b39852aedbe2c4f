<?php

declare(strict_types=1);

namespace App\Models;

/** On what notification events somebody is told. */
enum NotificationEvent: string
{
    case Mentioned = 'mentioned';
    case Said = 'said';
    case Goal = 'goal';
    case HandedOver = 'handed_over';
    case LookOver = 'look_over';
    case WaitedFor = 'waited_for';
    case Reminder = 'reminder';
}
