<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

enum ProjectState: string
{
    case Proposed = 'proposed';
    case Active = 'active';
    case Paused = 'paused';
    case Done = 'done';
    case Dropped = 'dropped';
    case Shelved = 'shelved';
}
