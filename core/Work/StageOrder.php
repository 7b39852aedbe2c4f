<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** Whether a project's tasks are done in any order, or stage by stage. Rules: computation 9. */
enum StageOrder: string
{
    case Any = 'any';
    case Staged = 'staged';
}
