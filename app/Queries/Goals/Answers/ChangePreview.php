<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;

final readonly class ChangePreview implements Props
{
    /** @param list<ChangedFigure> $figures that would become others, the goal's own first */
    public function __construct(public array $figures)
    {
    }
}
