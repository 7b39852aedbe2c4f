<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

use Loftrin\Core\Calendar\RhythmReader;

/** What a part of a jotted line says. */
enum PieceKind: string
{
    /** It is done already. */
    case Done = 'done';
    /** When it must be done: a day. */
    case Due = 'due';
    /** When one means to do it: a day or a period. */
    case Planned = 'planned';
    /** The time of day, HH:MM, with +minutes where it says how long; before it the day of the next such time, where none is said. */
    case Time = 'time';
    /** How it comes back, in words that {@see RhythmReader} reads. */
    case Rhythm = 'rhythm';
    /** How long it takes, in minutes. */
    case Minutes = 'minutes';
    /** The project or goal that it is for. */
    case For = 'for';
    /** Who is to do it. */
    case Owner = 'owner';
    /** Who helps. */
    case With = 'with';
    /** Who or what has to act first. */
    case WaitingFor = 'waiting_for';
    /** When to ask again whom one waits for. */
    case FollowUp = 'follow_up';
    /** A, B or C. */
    case Rank = 'rank';
    /** Full, normal or little. */
    case Focus = 'focus';
    /** Put off on purpose. */
    case Shelf = 'shelf';
    /** Nobody else is to see it. */
    case Private = 'private';
    /** The recurring meeting of which it is an issue, and the day of that. */
    case Meeting = 'meeting';
    /** The day on which it comes back. */
    case ReturnOn = 'return_on';
}
