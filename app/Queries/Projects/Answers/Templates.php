<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

final readonly class Templates implements Props
{
    /** @param list<TemplateRow> $templates by title */
    public function __construct(public array $templates)
    {
    }
}
