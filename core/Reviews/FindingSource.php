<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/** What a finding is a line of. */
enum FindingSource: string
{
    case Answer = 'answer';
    case Log = 'log';
    case Evening = 'evening';
}
