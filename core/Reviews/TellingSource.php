<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/** What can be marked as worth telling. */
enum TellingSource: string
{
    case Task = 'task';
    case Log = 'log';
    case Answer = 'answer';
}
