<?php

declare(strict_types=1);

namespace App\Models;

/** Whether a reminder is shown, or asks whether something is to be done. */
enum ReminderKind: string
{
    case Show = 'show';
    case Ask = 'ask';
}
