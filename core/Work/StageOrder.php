<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** Whether a project's stages come one after the other or side by side. */
enum StageOrder: string
{
    case Sequential = 'sequential';
    case Parallel = 'parallel';
}
