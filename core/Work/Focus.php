<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** How much focus a task takes. */
enum Focus: string
{
    case Full = 'full';
    case Normal = 'normal';
    case Little = 'little';
}
