<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** What an issue should end in, as whoever raised it sees it. */
enum Need: string
{
    case Decision = 'decision';
    case Answer = 'answer';
    case Information = 'information';
    case Help = 'help';
}
