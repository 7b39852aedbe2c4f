<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

final readonly class TemplateMilestoneValues implements Props
{
    /** @param string $day days after the start */
    public function __construct(public ?int $id, public string $title, public string $day)
    {
    }
}
