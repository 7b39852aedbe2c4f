<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/** What a name is the name of. */
enum NameKind: string
{
    case Person = 'person';
    case Contact = 'contact';
    case Project = 'project';
    case Goal = 'goal';
    case Series = 'series';
}
