<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/** On which side of a limit one has to stay. */
enum Sense: string
{
    case AtLeast = 'at_least';
    case AtMost = 'at_most';
}
