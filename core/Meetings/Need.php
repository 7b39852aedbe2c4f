<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** What whoever raised an issue needs from the meeting. */
enum Need: string
{
    case Decision = 'decision';
    case Input = 'input';
    case Information = 'information';
    case Help = 'help';
}
