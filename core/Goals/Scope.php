<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/** Whose goal it is. */
enum Scope: string
{
    case Company = 'company';
    case Group = 'group';
    case Person = 'person';
}
