<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** What a meeting looks at together besides a goal or a project. */
enum Shown: string
{
    case Register = 'register';
    case TeamWeek = 'team_week';
}
