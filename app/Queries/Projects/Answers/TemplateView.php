<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Props;

/** A template to be changed, with the open projects that were made from it. */
final readonly class TemplateView implements Props
{
    /**
     * @param list<Option> $areas
     * @param list<MadeProject> $projects those with differences first
     */
    public function __construct(public TemplateValues $template, public array $areas, public array $projects)
    {
    }
}
