<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

/** How a period of a habit ended, or stands. */
enum HabitState: string
{
    case Met = 'met';
    case Missed = 'missed';
    /** It began in it, or rested on purpose: the period neither counts nor breaks. */
    case Rest = 'rest';
    /** It is not over, and not met yet. */
    case Open = 'open';
}
