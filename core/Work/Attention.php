<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** How much attention a task takes. */
enum Attention: string
{
    case Full = 'full';
    case Normal = 'normal';
    case Little = 'little';
}
