<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

enum ContributorKind: string
{
    case Goal = 'goal';
    case Project = 'project';
    case Tasks = 'tasks';
}
